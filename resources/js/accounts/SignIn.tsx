import { useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { Link } from 'react-router';
import { api, unwrap } from '../lib/api';
import { Field } from '../ui/Field';
import { me } from '../workspace/queries';
import { Door } from './Door';

export function SignIn() {
  const queries = useQueryClient();
  const [email, setEmail] = useState('');
  const [password, setPassword] = useState('');
  return (
    <Door
      title="Sign in"
      action="Sign in"
      onSend={async () => {
        queries.setQueryData(me.queryKey, await unwrap(api.POST('/api/sign-in', { body: { email, password } })));
      }}
      below={
        <>
          <Link to="/sign-up">New here? Start a business</Link>
          <Link to="/forgot-password">Password forgotten</Link>
        </>
      }
    >
      {(wrong) => (
        <>
          <Field
            id="email"
            label="Mail"
            type="email"
            autoComplete="username"
            wrong={wrong['email']}
            value={email}
            onValue={setEmail}
          />
          <Field
            id="password"
            label="Password"
            type="password"
            autoComplete="current-password"
            wrong={wrong['password']}
            value={password}
            onValue={setPassword}
          />
        </>
      )}
    </Door>
  );
}

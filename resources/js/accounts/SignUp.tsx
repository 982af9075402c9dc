import { useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { Link } from 'react-router';
import { api, unwrap } from '../lib/api';
import { Field } from '../ui/Field';
import { me } from '../workspace/queries';
import { Door } from './Door';

export function SignUp() {
  const queries = useQueryClient();
  const [name, setName] = useState('');
  const [email, setEmail] = useState('');
  const [password, setPassword] = useState('');
  return (
    <Door
      title="Start with Yard Bell"
      action="Go on"
      onSend={async () => {
        queries.setQueryData(me.queryKey, await unwrap(api.POST('/api/sign-up', { body: { name, email, password } })));
      }}
      below={<Link to="/sign-in">You have an account? Sign in</Link>}
    >
      {(wrong) => (
        <>
          <Field id="name" label="Your name" autoComplete="name" wrong={wrong['name']} value={name} onValue={setName} />
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
            hint="At least 10 characters; several words are fine."
            autoComplete="new-password"
            wrong={wrong['password']}
            value={password}
            onValue={setPassword}
          />
        </>
      )}
    </Door>
  );
}

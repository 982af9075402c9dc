import { useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { Link } from 'react-router';
import { api, unwrap } from '../lib/api';
import { Check } from '../ui/Check';
import { Field } from '../ui/Field';
import { useFields } from '../ui/useFields';
import { me } from '../lib/queries';
import { Door } from './Door';

export function SignIn() {
  const queries = useQueryClient();
  const { values, field } = useFields({ email: '', password: '' });
  const [stay, setStay] = useState(false);
  return (
    <Door
      title="Sign in"
      action="Sign in"
      onSend={async () => {
        queries.setQueryData(me.queryKey, await unwrap(api.POST('/api/sign-in', { body: { ...values, stay } })));
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
          <Field {...field('email', wrong)} label="Mail" type="email" autoComplete="username" />
          <Field {...field('password', wrong)} label="Password" type="password" autoComplete="current-password" />
          <Check id="stay" checked={stay} onChange={setStay}>
            Stay signed in on this device, for 30 days
          </Check>
        </>
      )}
    </Door>
  );
}

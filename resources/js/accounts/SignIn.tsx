import { useQueryClient } from '@tanstack/react-query';
import { Link } from 'react-router';
import { api, unwrap } from '../lib/api';
import { Field } from '../ui/Field';
import { useFields } from '../ui/useFields';
import { me } from '../workspace/queries';
import { Door } from './Door';

export function SignIn() {
  const queries = useQueryClient();
  const { values, field } = useFields({ email: '', password: '' });
  return (
    <Door
      title="Sign in"
      action="Sign in"
      onSend={async () => {
        queries.setQueryData(me.queryKey, await unwrap(api.POST('/api/sign-in', { body: values })));
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
        </>
      )}
    </Door>
  );
}

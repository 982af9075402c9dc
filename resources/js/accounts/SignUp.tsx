import { useQueryClient } from '@tanstack/react-query';
import { Link } from 'react-router';
import { api, unwrap } from '../lib/api';
import { Field } from '../ui/Field';
import { useFields } from '../ui/useFields';
import { me } from '../workspace/queries';
import { Door } from './Door';

export function SignUp() {
  const queries = useQueryClient();
  const { values, field } = useFields({ name: '', email: '', password: '' });
  return (
    <Door
      title="Start with Yard Bell"
      action="Go on"
      onSend={async () => {
        queries.setQueryData(me.queryKey, await unwrap(api.POST('/api/sign-up', { body: values })));
      }}
      below={<Link to="/sign-in">You have an account? Sign in</Link>}
    >
      {(wrong) => (
        <>
          <Field {...field('name', wrong)} label="Your name" autoComplete="name" />
          <Field {...field('email', wrong)} label="Mail" type="email" autoComplete="username" />
          <Field
            {...field('password', wrong)}
            label="Password"
            type="password"
            hint="At least 10 characters; several words are fine."
            autoComplete="new-password"
          />
        </>
      )}
    </Door>
  );
}

import { useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import { Link } from 'react-router';
import { api, unwrap } from '../lib/api';
import { Field } from '../ui/Field';
import { useFields } from '../ui/useFields';
import { me } from '../lib/queries';
import { Door } from './Door';

/** How often this tab looks whether the link has been opened in another one. */
const LOOK_MS = 3_000;

export function SignUp() {
  const { values, field } = useFields({ name: '', email: '', password: '' });
  const [sentTo, setSentTo] = useState<string | null>(null);
  useQuery({
    ...me,
    refetchInterval: sentTo === null ? false : LOOK_MS,
    refetchIntervalInBackground: true,
    staleTime: 0,
  }); // signed in elsewhere, it opens here too
  return (
    <Door
      title="Start with Yard Bell"
      action={sentTo === null ? 'Go on' : 'Send it again'}
      onSend={async () => {
        await unwrap(api.POST('/api/sign-up', { body: values }));
        setSentTo(values.email);
      }}
      below={<Link to="/sign-in">You have an account? Sign in</Link>}
    >
      {(wrong) => (
        <>
          {sentTo !== null && (
            <p className="notice notice-good" role="status">
              A link is on its way to {sentTo}. Open it, and you go on here. It is good for a day.
            </p>
          )}
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

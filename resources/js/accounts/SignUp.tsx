import { useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import { Link } from 'react-router';
import { Notice } from '../ui/Notice';
import { api, unwrap } from '../lib/api';
import { Field } from '../ui/Field';
import { useFields } from '../ui/useFields';
import { me } from '../lib/queries';
import { Door } from './Door';
import * as say from '@words/accounts';

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
      title={say.startWithYardBell}
      action={sentTo === null ? say.goOn : say.sendAgain}
      onSend={async () => {
        await unwrap(api.POST('/api/sign-up', { body: values }));
        setSentTo(values.email);
      }}
      below={<Link to="/sign-in">{say.haveAccountSignIn}</Link>}
    >
      {(wrong) => (
        <>
          {sentTo !== null && (
            <Notice tone="good" role="status">
              {say.linkOnItsWay({ sentTo })}
            </Notice>
          )}
          <Field {...field('name', wrong)} label={say.yourName} autoComplete="name" />
          <Field {...field('email', wrong)} label={say.mail} type="email" autoComplete="username" />
          <Field
            {...field('password', wrong)}
            label={say.password}
            type="password"
            hint={say.passwordHelp}
            autoComplete="new-password"
          />
        </>
      )}
    </Door>
  );
}

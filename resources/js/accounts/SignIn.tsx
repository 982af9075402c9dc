import { useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { Link } from 'react-router';
import { api, unwrap } from '../lib/api';
import { Check } from '../ui/Check';
import { Field } from '../ui/Field';
import { useFields } from '../ui/useFields';
import { me } from '../lib/queries';
import { Door } from './Door';
import * as say from '@words/accounts';

export function SignIn() {
  const queries = useQueryClient();
  const { values, field } = useFields({ email: '', password: '' });
  const [stay, setStay] = useState(false);
  return (
    <Door
      title={say.signIn}
      action={say.signIn}
      onSend={async () => {
        queries.setQueryData(me.queryKey, await unwrap(api.POST('/api/sign-in', { body: { ...values, stay } })));
      }}
      below={
        <>
          <Link to="/sign-up">{say.newHereStartBusiness}</Link>
          <Link to="/forgot-password">{say.passwordForgotten}</Link>
        </>
      }
    >
      {(wrong) => (
        <>
          <Field {...field('email', wrong)} label={say.mail} type="email" autoComplete="username" />
          <Field {...field('password', wrong)} label={say.password} type="password" autoComplete="current-password" />
          <Check id="stay" checked={stay} onChange={setStay}>
            {say.staySignedInOn}
          </Check>
        </>
      )}
    </Door>
  );
}

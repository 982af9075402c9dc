import { useState } from 'react';
import { Link } from 'react-router';
import { Notice } from '../ui/Notice';
import { api, unwrap } from '../lib/api';
import { Field } from '../ui/Field';
import { useFields } from '../ui/useFields';
import { Door } from './Door';
import * as say from '@words/accounts';

export function ForgotPassword() {
  const { values, field } = useFields({ email: '' });
  const [sent, setSent] = useState(false);
  return (
    <Door
      title={say.aNewPassword}
      action={say.sendMeLink}
      onSend={async () => {
        await unwrap(api.POST('/api/forgot-password', { body: values }));
        setSent(true);
      }}
      below={<Link to="/sign-in">{say.backToSigningIn}</Link>}
    >
      {(wrong) => (
        <>
          {sent && (
            <Notice tone="good" role="status">
              {say.passwordLinkSent}
            </Notice>
          )}
          <Field {...field('email', wrong)} label={say.mail} type="email" autoComplete="username" />
        </>
      )}
    </Door>
  );
}

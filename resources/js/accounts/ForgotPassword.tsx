import { useState } from 'react';
import { Link } from 'react-router';
import { api, unwrap } from '../lib/api';
import { Field } from '../ui/Field';
import { useFields } from '../ui/useFields';
import { Door } from './Door';

export function ForgotPassword() {
  const { values, field } = useFields({ email: '' });
  const [sent, setSent] = useState(false);
  return (
    <Door
      title="A new password"
      action="Send me a link"
      onSend={async () => {
        await unwrap(api.POST('/api/forgot-password', { body: values }));
        setSent(true);
      }}
      below={<Link to="/sign-in">Back to signing in</Link>}
    >
      {(wrong) => (
        <>
          {sent && (
            <p className="notice notice-good" role="status">
              If there is an account with this address, a link is on its way. It is good for an hour.
            </p>
          )}
          <Field {...field('email', wrong)} label="Mail" type="email" autoComplete="username" />
        </>
      )}
    </Door>
  );
}

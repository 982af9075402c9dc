import { useState } from 'react';
import { Link } from 'react-router';
import { api, unwrap } from '../lib/api';
import { Field } from '../ui/Field';
import { Door } from './Door';

export function ForgotPassword() {
  const [email, setEmail] = useState('');
  const [sent, setSent] = useState(false);
  return (
    <Door
      title="A new password"
      action="Send me a link"
      onSend={async () => {
        await unwrap(api.POST('/api/forgot-password', { body: { email } }));
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
          <Field
            id="email"
            label="Mail"
            type="email"
            autoComplete="username"
            wrong={wrong['email']}
            value={email}
            onValue={setEmail}
          />
        </>
      )}
    </Door>
  );
}

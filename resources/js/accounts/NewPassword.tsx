import { useState } from 'react';
import { Link, useSearchParams } from 'react-router';
import { api, unwrap } from '../lib/api';
import { Field } from '../ui/Field';
import { Door } from './Door';

export function NewPassword() {
  const [query] = useSearchParams();
  const [password, setPassword] = useState('');
  const [changed, setChanged] = useState(false);
  return (
    <Door
      title="Choose a new password"
      action="Use this password"
      onSend={async () => {
        const body = { token: query.get('token') ?? '', email: query.get('email') ?? '', password };
        await unwrap(api.POST('/api/new-password', { body }));
        setChanged(true);
      }}
      below={<Link to="/sign-in">Sign in</Link>}
    >
      {(wrong) => (
        <>
          {changed && (
            <p className="notice notice-good" role="status">
              Your new password is set. Sign in with it.
            </p>
          )}
          <Field
            id="password"
            label="New password"
            type="password"
            hint="At least 10 characters; several words are fine."
            autoComplete="new-password"
            wrong={wrong['password'] ?? wrong['token']}
            value={password}
            onValue={setPassword}
          />
        </>
      )}
    </Door>
  );
}

import { useState } from 'react';
import { Link, useSearchParams } from 'react-router';
import { Notice } from '../ui/Notice';
import { api, unwrap } from '../lib/api';
import { Field } from '../ui/Field';
import { Door } from './Door';
import * as say from '@words/accounts';

export function NewPassword() {
  const [query] = useSearchParams();
  const [password, setPassword] = useState('');
  const [changed, setChanged] = useState(false);
  return (
    <Door
      title={say.chooseNewPassword}
      action={say.useThisPassword}
      onSend={async () => {
        const body = { token: query.get('token') ?? '', email: query.get('email') ?? '', password };
        await unwrap(api.POST('/api/new-password', { body }));
        setChanged(true);
      }}
      below={<Link to="/sign-in">{say.signIn}</Link>}
    >
      {(wrong) => (
        <>
          {changed && (
            <Notice tone="good" role="status">
              {say.newPasswordSetSign}
            </Notice>
          )}
          <Field
            id="password"
            label={say.newPassword}
            type="password"
            hint={say.passwordHelp}
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

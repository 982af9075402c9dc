import { Dialog, DialogPanel, DialogTitle } from '@headlessui/react';
import { useQueryClient } from '@tanstack/react-query';
import { useState, type SubmitEvent } from 'react';
import { answered } from '../lib/answered';
import { api, refusalOf, unwrap } from '../lib/api';
import { me } from '../lib/queries';
import { Alert } from '../ui/Alert';
import { Button } from '../ui/Button';
import { Field } from '../ui/Field';
import * as say from '@words/accounts';
import './SignInAgain.css';

/** The sign-in has ended while somebody works: over what they were doing, of which nothing is lost. */
export function SignInAgain({ email }: { email: string }) {
  const queries = useQueryClient();
  const [password, setPassword] = useState('');
  const [wrong, setWrong] = useState<string | null>(null);
  const [busy, setBusy] = useState(false);
  const send = async (event: SubmitEvent) => {
    event.preventDefault();
    event.stopPropagation(); // it lies over other forms
    setBusy(true);
    setWrong(null);
    try {
      await queries.cancelQueries(); // what was asked while nobody was signed in would answer so afterwards
      const signedIn = await unwrap(api.POST('/api/sign-in', { body: { email, password, stay: false } }));
      await answered(queries, me.queryKey, signedIn);
      await queries.invalidateQueries({ predicate: ({ queryKey }) => queryKey[0] !== 'me' });
    } catch (no) {
      const { message, fields } = refusalOf(no);
      setWrong(Object.values(fields ?? {})[0] ?? message);
      setBusy(false);
    }
  };
  return (
    <Dialog open onClose={() => undefined} className="again">
      <DialogPanel className="again-panel">
        <DialogTitle className="text-2xl">{say.signInAgain}</DialogTitle>
        <p>{say.nothingIsLost}</p>
        <form className="grid gap-3" onSubmit={(event) => void send(event)}>
          <p className="text-soft">{email}</p>
          <input type="hidden" autoComplete="username" value={email} readOnly />
          <Field
            id="again-password"
            label={say.password}
            type="password"
            autoComplete="current-password"
            wrong={undefined}
            value={password}
            onValue={setPassword}
          />
          <Alert says={wrong} />
          <p className="flex flex-wrap gap-3">
            <Button type="submit" id="sign-in-again" kind="next" disabled={busy}>
              {say.signIn}
            </Button>
            <Button onClick={() => window.location.assign('/sign-in')}>{say.asSomebodyElse}</Button>
          </p>
        </form>
      </DialogPanel>
    </Dialog>
  );
}

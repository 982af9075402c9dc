import { useState } from 'react';
import { api, refusalOf, unwrap } from '../lib/api';
import { Button } from '../ui/Button';
import { Field } from '../ui/Field';
import * as say from '@words/gate';

/** Somebody who has been here asks for the way to their bookings: it is mailed, so it reaches nobody else. */
export function OwnLink({ slug }: { slug: string }) {
  const [email, setEmail] = useState('');
  const [wrong, setWrong] = useState<string>();
  const [isSent, setSent] = useState(false);
  const send = async () => {
    try {
      await unwrap(api.POST('/gate-api/pages/{slug}/own-link', { params: { path: { slug } }, body: { email } }));
      setWrong(undefined);
      setSent(true);
    } catch (no) {
      setWrong(refusalOf(no).fields?.['email'] ?? refusalOf(no).message);
    }
  };
  return isSent ? (
    <p role="status">{say.ownLinkSent({ email })}</p>
  ) : (
    <form
      className="grid gap-2"
      noValidate
      onSubmit={(event) => {
        event.preventDefault();
        void send();
      }}
    >
      <Field
        id="own-email"
        label={say.mail}
        type="email"
        autoComplete="email"
        maxLength={190}
        value={email}
        onValue={setEmail}
        wrong={wrong}
      />
      <Button type="submit" id="own-link" className="justify-self-start">
        {say.mailMeTheWay}
      </Button>
    </form>
  );
}

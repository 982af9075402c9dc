import { useState, type SubmitEvent } from 'react';
import { api } from '../lib/api';
import { Alert } from '../ui/Alert';
import { Button } from '../ui/Button';
import { inputLook } from '../ui/inputLook';
import { useSetup } from '../setup/useSetup';
import { useSaidAct } from './useSaidAct';
import * as say from '@words/board';

/** A word to the client, by mail. */
export function Word({ business, id }: { business: string; id: string }) {
  const { may } = useSetup();
  const [text, setText] = useState('');
  const { busy, trouble, act } = useSaidAct(say.wordSent);
  if (!may('change-bookings')) {
    return null;
  }
  const send = async (event: SubmitEvent) => {
    event.preventDefault();
    const params = { path: { business, id } };
    if (await act(api.POST('/api/businesses/{business}/bookings/{id}/word', { params, body: { text } }))) {
      setText('');
    }
  };
  return (
    <details>
      <summary className="font-semibold">{say.wordToThem}</summary>
      <form className="grid gap-2" onSubmit={(event) => void send(event)}>
        <textarea
          id="word-text"
          className={inputLook()}
          rows={3}
          maxLength={2000}
          aria-label={say.wordToThem}
          value={text}
          onChange={(event) => setText(event.target.value)}
        />
        <Alert says={trouble} />
        <Button type="submit" small className="justify-self-start" disabled={busy || text.trim() === ''}>
          {say.sendWord}
        </Button>
      </form>
    </details>
  );
}

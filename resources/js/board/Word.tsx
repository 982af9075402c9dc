import { useState, type SubmitEvent } from 'react';
import { api, refusalOf, unwrap } from '../lib/api';
import { Button } from '../ui/Button';
import { inputLook } from '../ui/inputLook';
import { useNotices } from '../ui/Notices';
import { Wrong } from '../ui/Wrong';
import { useSetup } from '../setup/useSetup';
import * as say from '@words/board';

/** A word to the client, by mail. */
export function Word({ business, id }: { business: string; id: string }) {
  const notices = useNotices();
  const { may } = useSetup();
  const [text, setText] = useState('');
  const [trouble, setTrouble] = useState<string | null>(null);
  if (!may('change-bookings')) {
    return null;
  }
  const send = async (event: SubmitEvent) => {
    event.preventDefault();
    try {
      await unwrap(
        api.POST('/api/businesses/{business}/bookings/{id}/word', {
          params: { path: { business, id } },
          body: { text },
        }),
      );
      setText('');
      setTrouble(null);
      notices.say(say.wordSent);
    } catch (wrong) {
      setTrouble(refusalOf(wrong).message);
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
        {trouble !== null && (
          <Wrong as="p" role="alert">
            {trouble}
          </Wrong>
        )}
        <Button type="submit" small className="justify-self-start" disabled={text.trim() === ''}>
          {say.sendWord}
        </Button>
      </form>
    </details>
  );
}

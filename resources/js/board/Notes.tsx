import { useQueryClient } from '@tanstack/react-query';
import { useState, type SubmitEvent } from 'react';
import { answered } from '../lib/answered';
import { refusalOf, type Schemas } from '../lib/api';
import { moment } from '../lib/format';
import { card as cardQuery } from '../lib/queries';
import { useSetup } from '../setup/useSetup';
import { Alert } from '../ui/Alert';
import { Button } from '../ui/Button';
import { inputLook } from '../ui/inputLook';
import { isTunnel, later, send } from './tunnel';
import * as say from '@words/board';

type Props = { business: string; card: Schemas['Card']; zone: string };

/** What staff have noted about the visit, dated and signed, and a line for more. */
export function Notes({ business, card, zone }: Props) {
  const { may } = useSetup();
  const [text, setText] = useState('');
  const queries = useQueryClient();
  const [busy, setBusy] = useState(false);
  const [trouble, setTrouble] = useState<string | null>(null);
  const [isKept, setKept] = useState(false);
  const note = async (event: SubmitEvent) => {
    event.preventDefault();
    const one = { business, id: card.id, at: new Date().toISOString(), text };
    setBusy(true);
    setTrouble(null);
    setKept(false);
    try {
      await answered(queries, cardQuery(business, card.id).queryKey, await send(one));
      setText('');
    } catch (wrong) {
      if (isTunnel(wrong)) {
        later(one);
        setKept(true);
        setText('');
      } else {
        setTrouble(refusalOf(wrong).message);
      }
    }
    setBusy(false);
  };
  return (
    <section className="grid grid-cols-[minmax(0,1fr)] gap-1.5" aria-label={say.staffNotes}>
      <h3 className="text-lg">{say.staffNotes}</h3>
      {card.notes.map((one) => (
        <p key={`${one.at} ${one.text}`} className="text-sm whitespace-pre-line">
          {one.text}
          <span className="block text-soft">{say.signed({ by: one.by, at: moment(one.at, zone) })}</span>
        </p>
      ))}
      {may('mark-visits') && (
        <form className="flex gap-2" onSubmit={(event) => void note(event)}>
          <input
            id="visit-note"
            className={`min-w-0 flex-1 ${inputLook('small')}`}
            aria-label={say.newNote}
            placeholder={say.newNote}
            maxLength={2000}
            value={text}
            onChange={(event) => setText(event.target.value)}
          />
          <Button type="submit" small disabled={busy || text.trim() === ''}>
            {say.noteIt}
          </Button>
        </form>
      )}
      {isKept && <p role="status">{say.keptForLater}</p>}
      <Alert says={trouble} />
    </section>
  );
}

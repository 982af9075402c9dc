import { useRef, useState, type SubmitEvent } from 'react';
import type { Schemas } from '../lib/api';
import { readClock } from '../lib/clock';
import { clock, dateIn, moment } from '../lib/format';
import { Button } from '../ui/Button';
import { Check } from '../ui/Check';
import { inputLook } from '../ui/inputLook';
import { useKey } from '../ui/useKey';
import { useNames } from '../ui/useNames';
import { Wrong } from '../ui/Wrong';
import { useReminders } from './useReminders';
import * as say from '@words/board';

type Props = { board: Schemas['Board']; now: string };

/** What somebody wants to be reminded of that day, theirs alone: ticked when it is done. */
export function Reminders({ board, now }: Props) {
  const { slug, timeZone: zone } = board.business;
  const { hidden } = useNames();
  const { all, trouble, add, finish, drop } = useReminders(slug, board.date);
  const [hour, setHour] = useState('');
  const [text, setText] = useState('');
  const [wrong, setWrong] = useState(false);
  const field = useRef<HTMLInputElement>(null);
  useKey('r', () => field.current?.focus());
  const submit = async (event: SubmitEvent) => {
    event.preventDefault();
    const at = readClock(hour);
    setWrong(at === null);
    if (at !== null && (await add(at, text))) {
      setHour('');
      setText('');
    }
  };
  return (
    <section aria-label={say.reminders}>
      <h2 className="mb-2 text-xl">{say.reminders}</h2>
      {!hidden && (
        <ul className="mb-2 grid gap-1">
          {all.map((one) => (
            <li key={one.id} className="flex items-start gap-2" data-due={!one.done && one.at <= now}>
              <Check id={`reminder-${one.id}`} checked={one.done} onChange={(done) => void finish(one.id, done)}>
                <span className={one.done ? 'text-soft line-through' : one.at <= now ? 'text-clay' : ''}>
                  <b>{dateIn(one.at, zone) === board.date ? clock(one.at, zone) : moment(one.at, zone)}</b> {one.text}
                </span>
              </Check>
              <Button small aria-label={say.dropReminder({ text: one.text })} onClick={() => void drop(one.id)}>
                ×
              </Button>
            </li>
          ))}
        </ul>
      )}
      <form className="flex flex-wrap gap-2" onSubmit={(event) => void submit(event)}>
        <input
          id="reminder-at"
          ref={field}
          size={5}
          className={inputLook('small')}
          aria-label={say.atHour}
          placeholder={say.atHour}
          maxLength={12}
          autoComplete="off"
          aria-invalid={wrong}
          value={hour}
          onChange={(event) => setHour(event.target.value)}
        />
        <input
          id="reminder-text"
          className={`min-w-0 flex-1 ${inputLook('small')}`}
          aria-label={say.remindOf}
          placeholder={say.remindOf}
          maxLength={200}
          autoComplete="off"
          value={text}
          onChange={(event) => setText(event.target.value)}
        />
        <Button type="submit" small disabled={text.trim() === '' || hour.trim() === ''}>
          {say.noteIt}
        </Button>
      </form>
      {(wrong || trouble !== null) && (
        <Wrong as="p" role="alert">
          {trouble ?? say.hourLike}
        </Wrong>
      )}
    </section>
  );
}

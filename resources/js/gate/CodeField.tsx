import { useState } from 'react';
import { refusalOf } from '../lib/api';
import { Button } from '../ui/Button';
import { Field } from '../ui/Field';
import { codeOfLink, nameCodes } from './codes';
import type { Booking } from './types';
import * as say from '@words/gate';

type Props = { held: Booking; onBooking: (booking: Booking) => void };

/** Codes: typed, or brought along by the link that led here. Those that count stand below, and can be taken out. */
export function CodeField({ held, onBooking }: Props) {
  const counting = held.lines.filter((line) => line.kind === 'code').map((line) => line.label);
  const [typed, setTyped] = useState(() => (counting.length > 0 ? '' : codeOfLink()));
  const [wrong, setWrong] = useState<string>();
  const [busy, setBusy] = useState(false);
  const name = async (codes: string[]) => {
    if (busy) {
      return; // one after the other: each answer is of what counted before it
    }
    setBusy(true);
    try {
      const answer = await nameCodes(held, codes);
      const refused = answer.codes.find((one) => !one.applied);
      setWrong(refused?.why ?? undefined);
      setTyped(refused?.code ?? '');
      onBooking(answer.booking);
    } catch (trouble) {
      setWrong(refusalOf(trouble).message);
    }
    setBusy(false);
  };
  const use = () => {
    if (typed.trim() !== '') {
      void name([...counting, typed]);
    }
  };
  return (
    <div className="grid gap-2">
      <div
        className="grid grid-cols-[minmax(0,1fr)_auto] items-start gap-3"
        onKeyDown={(event) => {
          if (event.key === 'Enter') {
            event.preventDefault(); // the form around it would book
            use();
          }
        }}
      >
        <Field
          id="code"
          label={say.codeIfAny}
          maxLength={60}
          autoComplete="off"
          value={typed}
          wrong={wrong}
          onValue={setTyped}
        />
        <Button id="use-code" className="mt-7" disabled={busy} onClick={use}>
          {say.useCode}
        </Button>
      </div>
      {counting.map((code) => (
        <p key={code} className="flex flex-wrap items-center gap-3" role="status">
          {say.codeCounts({ code })}
          <Button
            small
            disabled={busy}
            aria-label={say.takeOutCode({ code })}
            onClick={() => void name(counting.filter((one) => one !== code))}
          >
            {say.takeOut}
          </Button>
        </p>
      ))}
    </div>
  );
}

import { useState } from 'react';
import { Button } from '../ui/Button';
import { Notice } from '../ui/Notice';
import { Trouble } from '../ui/Trouble';
import { api, unwrap } from '../lib/api';
import { addDays, listed, moment } from '../lib/format';
import { Almanac } from './Almanac';
import { useAsked } from './latest';
import { Soonest } from './Soonest';
import { sealed } from './sealed';
import type { Booking, Page, Start, Times } from './types';
import { useOwnZone } from './useOwnZone';
import * as say from '@words/gate';
import './Finding.css';

const DAYS = 14;

type Props = {
  booking: Booking;
  page: Page;
  of: Pick<Booking, 'id' | 'query' | 'staff'>;
  /** Of a visit: this part alone. */
  alone: boolean;
  busy: boolean;
  onMove: (start: string, staff: string | null) => void;
  onLeave: () => void;
};

/** The almanac once more: a press picks another time, a second one takes it. */
export function Moving({ booking, page, of, alone, busy, onMove, onLeave }: Props) {
  const [start, setStart] = useState<Start | null>(null);
  const [same, setSame] = useState(booking.wished !== null && booking.parts.length === 0);
  const zone = booking.business.timeZone;
  const [from, setFrom] = useState<string | null>(null);
  const { params } = sealed(of);
  const narrowed = { ...(from === null ? {} : { from }), ...(alone ? { alone: '1' as const } : {}) };
  const asked = { ...params, query: { ...params.query, ...narrowed } };
  const { answer: times, trouble } = useAsked<Times>(JSON.stringify(asked), (signal) =>
    unwrap(api.GET('/gate-api/bookings/{id}/move-times', { params: asked, signal })),
  );
  const own = useOwnZone(zone, times?.days.map(({ date }) => date) ?? []);
  const load = (day: string) => {
    setStart(null);
    setFrom(day);
  };
  if (times === null) {
    return trouble === null ? <p role="status">{say.oneMoment}</p> : <Trouble of={trouble}>{trouble.message}</Trouble>;
  }
  const wished = booking.wished === null || booking.parts.length > 0 ? of.staff : [booking.wished];
  const theirs = alone || booking.parts.length === 0 ? wished : []; // several take a visit in turn
  const withThem = theirs.map((one) => one.id);
  const isTheirs = (one: Start) => withThem.length === 0 || withThem.every((member) => one.staff.includes(member));
  const staff = start === null || isTheirs(start) ? null : (start.staff[0] ?? null);
  const other = page.staff.find((one) => one.id === staff)?.name;
  return (
    <section className="grid gap-3" aria-label={say.moveTo}>
      <h2 className="text-xl">{say.moveTo}</h2>
      <p className="text-soft">{booking.changes.asksAgain ? say.movingAsksAgain : say.movingCostsNothing}</p>
      <Soonest times={times} zone={own.zone} home={zone} onPick={setStart} onDay={load} />
      {withThem.length > 0 && (
        <p>
          <button type="button" className="chip" aria-pressed={same} onClick={() => setSame(!same)}>
            {say.withPeople({ who: listed(theirs.map((one) => one.name)) })}
          </button>
        </p>
      )}
      <Almanac
        times={times}
        show={(one) => !same || isTheirs(one)}
        chosen={start?.at ?? null}
        hour={own.hour}
        onPick={setStart}
      />
      <nav className="flex justify-between gap-3" aria-label={say.weeks}>
        <Button disabled={times.from <= times.today} onClick={() => load(addDays(times.from, -DAYS))}>
          {say.twoWeeksEarlier}
        </Button>
        <Button
          disabled={(times.days.at(-1)?.date ?? '') >= times.lastDay}
          onClick={() => load(addDays(times.from, DAYS))}
        >
          {say.twoWeeksLater}
        </Button>
      </nav>
      <Notice as="div" className="dock grid gap-2">
        <p role="status">
          {start === null ? say.pickTimeThatSuits : say.moveToThis({ when: moment(start.at, zone) })}
          {other !== undefined && (
            <b className="block">{say.movedToOther({ who: other, was: listed(theirs.map((one) => one.name)) })}</b>
          )}
        </p>
        <p className="flex flex-wrap gap-3">
          <Button
            id="really-move"
            kind="next"
            disabled={start === null || busy}
            onClick={() => start !== null && onMove(start.at, staff)}
          >
            {say.yesMove}
          </Button>
          <Button onClick={onLeave}>{say.leaveAsItIs}</Button>
        </p>
      </Notice>
    </section>
  );
}

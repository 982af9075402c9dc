import { useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import { Link, useParams } from 'react-router';
import { BookingCard } from '../board/BookingCard';
import { usePresses } from '../board/usePresses';
import { Refused } from '../lib/api';
import { clock, day } from '../lib/format';
import { session as sessionQuery } from '../lib/queries';
import { dateIn } from '../lib/format';
import { useSetup } from '../setup/useSetup';
import { Badge } from '../ui/Badge';
import { Button } from '../ui/Button';
import { Notice } from '../ui/Notice';
import { CancelSession } from './CancelSession';
import { ChangeSession } from './ChangeSession';
import { PastOfSession } from './PastOfSession';
import { People } from './People';
import { Places, SessionRows } from './SessionRows';
import { keptPresses } from '@words/board';
import * as say from '@words/sessions';
import './sessions.css';

/** ms after which it is asked for again: places are booked meanwhile */
const AGAIN = 5_000;
const SOON = 1_000;

/** One session: when and where, who comes, what can be done with all of them, what happened to it. */
export function SessionPage() {
  const { id = '' } = useParams();
  return <Sheet key={id} id={id} />;
}

function Sheet({ id }: { id: string }) {
  const { business, data: setup, may } = useSetup();
  const [chosen, setChosen] = useState<string | null>(null);
  const presses = usePresses(business);
  const { data, error } = useQuery({
    ...sessionQuery(business, id),
    refetchInterval: ({ state }) => ((state.data?.leftToTell ?? 0) > 0 ? SOON : AGAIN),
  });
  if (error !== null && data === undefined) {
    return <p role="alert">{error instanceof Refused && error.status === 404 ? say.noSuch : error.message}</p>;
  }
  if (data === undefined || setup === undefined) {
    return <p role="status">{say.fetching}</p>;
  }
  const zone = setup.timeZone;
  const isOff = data.state === 'cancelled';
  return (
    <main className="room session-sheet">
      <section className="grid content-start gap-4">
        <header className="grid gap-1">
          <h1 className="text-3xl">{data.name}</h1>
          <p className="text-lg">
            {say.dayFromTo({ day: day(data.start, zone), from: clock(data.start, zone), to: clock(data.end, zone) })}
            {data.location !== '' && ` · ${data.location}`}
          </p>
          <p className="flex flex-wrap items-center gap-x-4 gap-y-1">
            <Places row={data} />
            {data.staff.map((member) => (
              <span key={member.id} className="flex items-center gap-2">
                <Badge of={member} /> {member.name}
              </span>
            ))}
          </p>
          <p className="flex flex-wrap gap-4 print:hidden">
            <Link to={`/at/${business}/board?date=${dateIn(data.start, zone)}`}>{say.onTheBoard}</Link>
            {may('see-setup') && <Link to={`/at/${business}/offer/services/${data.service}`}>{say.itsService}</Link>}
          </p>
        </header>
        {isOff && (
          <Notice tone="trouble" role="status">
            {say.isCancelled} {data.leftToTell > 0 && say.leftToTell({ count: data.leftToTell })}
          </Notice>
        )}
        {!isOff && data.leftToTell > 0 && <Notice role="status">{say.leftToFollow({ count: data.leftToTell })}</Notice>}
        {presses.kept > 0 && <Notice role="status">{keptPresses({ count: presses.kept })}</Notice>}
        {presses.trouble !== null && <Notice role="alert">{presses.trouble}</Notice>}
        <People session={data} chosen={chosen} onChoose={setChosen} presses={presses} />
        <p className="flex flex-wrap gap-2 print:hidden">
          <Button id="print-session" onClick={() => window.print()}>
            {say.print}
          </Button>
          {!isOff && may('schedule-sessions') && <ChangeSession session={data} zone={zone} />}
          {!isOff && may('schedule-sessions') && <CancelSession session={data} zone={zone} />}
        </p>
        {data.series.length > 1 && (
          <section className="grid gap-2 print:hidden" aria-labelledby="session-series">
            <h2 id="session-series" className="text-xl">
              {say.scheduledTogether}
            </h2>
            <SessionRows business={business} rows={data.series} zone={zone} current={id} />
          </section>
        )}
        <PastOfSession session={data} zone={zone} />
      </section>
      <div className="session-side print:hidden">
        {chosen !== null && (
          <BookingCard
            key={chosen}
            business={business}
            id={chosen}
            zone={zone}
            onAgain={undefined}
            onClose={() => setChosen(null)}
          />
        )}
      </div>
    </main>
  );
}

import { useState } from 'react';
import { Link, useParams, useSearchParams } from 'react-router';
import type { Schemas } from '../lib/api';
import { addDays, clock, longDate } from '../lib/format';
import { useSetup } from '../setup/useSetup';
import { Button } from '../ui/Button';
import { Notice } from '../ui/Notice';
import { useNames } from '../ui/useNames';
import { MyGroup } from './MyGroup';
import { MyVisit } from './MyVisit';
import { scaleOf } from './ruler';
import { standingOf } from './standing';
import { useBoard } from './useBoard';
import { usePresses } from './usePresses';
import * as say from '@words/board';
import './MyDay.css';

/** Somebody's own day on a phone: the ruler across the top, the next visit large beneath it, the rest a short list. */
export function MyDay() {
  const business = useParams()['business'] ?? '';
  const { data } = useSetup();
  const own = data?.me.staff ?? '';
  const [search, setSearch] = useSearchParams();
  const date = search.get('date');
  const setDate = (to: string) => setSearch({ date: to });
  const [opened, setOpened] = useState<string | null>(null);
  const presses = usePresses(business);
  const names = useNames();
  const looking = { span: 'day', lanes: 'people', whose: 'chosen', staff: [own], location: '' } as const;
  const { board, error, now } = useBoard(business, date, looking);
  if (error !== null && board === undefined) {
    return (
      <Notice tone="trouble" className="m-5" role="alert">
        {error.message}
      </Notice>
    );
  }
  if (board === undefined || data === undefined) {
    return (
      <p className="p-5" role="status">
        {say.fetchingDay}
      </p>
    );
  }
  const visits = board.tags.filter((tag) => tag.state !== 'held' && tag.staff.includes(own));
  const next = visits.find((tag) => tag.end > now && tag.state !== 'completed' && tag.state !== 'no_show');
  const shown = visits.find((tag) => tag.id === opened) ?? next;
  return (
    <main className="my-day">
      <div className="flex items-center justify-between gap-2">
        <h1 className="text-2xl">{longDate(board.date)}</h1>
        <Link to={`/at/${business}/board`} className="text-sm">
          {say.wholeBoard}
        </Link>
      </div>
      <Across board={board} visits={visits} now={now} shown={shown?.id ?? null} onOpen={setOpened} />
      {presses.kept > 0 && <Notice role="status">{say.keptPresses({ count: presses.kept })}</Notice>}
      {presses.trouble !== null && (
        <Notice tone="trouble" role="alert">
          {presses.trouble}
        </Notice>
      )}
      {shown === undefined ? (
        <p className="text-soft">{visits.length === 0 ? say.nobodyComes : say.nobodyMore}</p>
      ) : shown.places === null ? (
        <MyVisit key={shown.id} board={board} tag={shown} isNext={shown.id === next?.id} presses={presses} />
      ) : (
        <MyGroup key={shown.id} board={board} tag={shown} isNext={shown.id === next?.id} presses={presses} />
      )}
      <ol className="grid gap-1.5" aria-label={say.myVisits}>
        {visits
          .filter((tag) => tag.id !== shown?.id)
          .map((tag) => (
            <li key={tag.id}>
              <button type="button" className="my-row" onClick={() => setOpened(tag.id)}>
                <b>{clock(tag.start, board.business.timeZone)}</b>
                <span className="min-w-0 flex-1 truncate">
                  {tag.client === null ? tag.service : names.shown(tag.client)}
                </span>
                <span className="text-sm text-soft">{standingOf(tag, now)?.word ?? ''}</span>
              </button>
            </li>
          ))}
      </ol>
      <nav className="flex gap-2" aria-label={say.otherDays}>
        <Button className="flex-1" onClick={() => setDate(addDays(board.date, -1))}>
          {say.dayBefore}
        </Button>
        <Button className="flex-1" onClick={() => setDate(addDays(board.date, 1))}>
          {say.dayAfter}
        </Button>
      </nav>
    </main>
  );
}

type AcrossProps = {
  board: Schemas['Board'];
  visits: readonly Schemas['Tag'][];
  now: string;
  shown: string | null;
  onOpen: (id: string) => void;
};

/** The day's ruler: what is open, where the visits lie, and where one is. */
function Across({ board, visits, now, shown, onOpen }: AcrossProps) {
  const scale = scaleOf(board.ruler);
  const span = (from: string, to: string) => ({
    left: `${scale.at(from)}%`,
    width: `${scale.at(to) - scale.at(from)}%`,
  });
  const first = clock(board.ruler.start, board.business.timeZone);
  const last = clock(board.ruler.end, board.business.timeZone);
  return (
    <div className="across" role="group" aria-label={say.dayFromLeftTo}>
      <div className="across-band hatched">
        {board.lanes[0]?.open.map((open) => (
          <span key={open.from} className="lane-open" style={span(open.from, open.to)} />
        ))}
        {visits.map((tag) => (
          <button
            key={tag.id}
            type="button"
            className="across-tag"
            aria-pressed={tag.id === shown}
            aria-label={say.serviceAt({ service: tag.service, at: clock(tag.start, board.business.timeZone) })}
            style={span(tag.start, tag.end)}
            onClick={() => onOpen(tag.id)}
          />
        ))}
        {board.date === board.today && <span className="across-now" style={{ left: `${scale.at(now)}%` }} />}
      </div>
      <p className="flex justify-between text-sm text-soft" aria-hidden="true">
        <span>{first}</span>
        <span>{last}</span>
      </p>
    </div>
  );
}

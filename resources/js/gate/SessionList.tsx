import { clock, endClock, listed, longDate, dateIn } from '../lib/format';
import { endOf } from './slipFacts';
import type { Page, Start, Times } from './types';
import * as say from '@words/gate';

type Props = {
  page: Page;
  times: Times;
  show: (start: Start, date: string) => boolean;
  chosen: string | null;
  onPick: (start: Start) => void;
};

/** Sessions as a list of dates: when, with whom, and how many places are left. */
export function SessionList({ page, times, show, chosen, onPick }: Props) {
  const zone = page.business.timeZone;
  const starts = times.days.flatMap((day) => day.starts.filter((start) => show(start, day.date)));
  return starts.length === 0 ? (
    <p className="text-soft">{say.noSessionInTime}</p>
  ) : (
    <ol className="grid gap-1.5" aria-label={say.openTimesArrowKeys}>
      {starts.map((start) => (
        <li key={start.at}>
          <button
            type="button"
            data-at={start.at}
            className="start flex min-h-12 w-full flex-wrap items-center gap-x-4 px-4 py-2 text-start"
            aria-pressed={start.at === chosen}
            onClick={() => onPick(start)}
          >
            <b>{longDate(dateIn(start.at, zone))}</b>
            <span>
              {say.fromTo({
                from: clock(start.at, zone),
                to: endClock(start.at, endOf(start.at, start.minutes ?? 0), zone),
              })}
            </span>
            <span className="flex-1">
              {listed(start.staff.map((id) => page.staff.find((one) => one.id === id)?.name ?? ''))}
            </span>
            {start.places !== null && <span>{say.placesInRow({ left: start.places })}</span>}
          </button>
        </li>
      ))}
    </ol>
  );
}

import { PART_NAMES, PARTS } from './parts';
import { useState } from 'react';
import { dateParts, minuteOfDay } from '../lib/format';
import { AlmanacBar } from './AlmanacBar';
import { Starts } from './Starts';
import { useRoving } from './useRoving';
import { useWide } from './useWide';
import type { Start, Times } from './types';
import * as say from '@words/gate';
import './Almanac.css';

type Props = {
  times: Times;
  show: (start: Start, date: string) => boolean;
  chosen: string | null;
  /** An hour as clocks show it where it is read. */
  hour: (start: Start) => string;
  onPick: (start: Start) => void;
};

/** What is said of a day without a start. */
const NONE: Readonly<Record<string, string>> = {
  closed: say.closed,
  away: say.nobodyHereForThis,
  full: say.nothingFree,
  beyond: say.notOpenToBook,
  session: say.noSession,
};

/** Two weeks, a row a day, on one ruler; on a phone the same rows folded to parts of the day. */
export function Almanac({ times, show, chosen, hour, onPick }: Props) {
  const [opened, setOpened] = useState<{ date: string; from: number } | null>(null);
  const roving = useRoving();
  const isWide = useWide();
  const hours: number[] = [];
  for (let minute = times.ruler.from; minute <= times.ruler.to; minute += 120) {
    hours.push(minute);
  }
  const span = times.ruler.to - times.ruler.from;
  return (
    <section aria-label={say.openTimesArrowKeys} {...roving}>
      <div className="almanac-day hidden md:grid" aria-hidden="true">
        <span />
        <span className="ruler-hours">
          {hours.map((minute) => (
            <span key={minute} style={{ left: `${(100 * (minute - times.ruler.from)) / span}%` }}>
              {minuteOfDay(minute)}
            </span>
          ))}
        </span>
      </div>
      <ol className="grid gap-1.5">
        {times.days.map((day) => {
          const starts = day.starts.filter((start) => show(start, day.date));
          const isOpen = opened?.date === day.date && starts.length > 0;
          const date = dateParts(day.date);
          const toggle = (from: number) =>
            setOpened(opened?.date === day.date && opened.from === from ? null : { date: day.date, from });
          return (
            <li key={day.date} data-date={day.date}>
              <div className="almanac-day max-md:grid-cols-1" data-row={day.date}>
                <p className="self-center leading-tight">
                  <b>{date.weekday}</b> {date.day} {date.month}
                  <span className="block text-sm text-soft max-md:ms-2 max-md:inline">
                    {count(starts, day.starts.length > 0 ? say.noneThatFits : (NONE[day.none ?? 'full'] ?? ''))}
                  </span>
                </p>
                {isWide && (
                  <AlmanacBar
                    day={day}
                    starts={starts}
                    ruler={times.ruler}
                    chosen={chosen}
                    opened={isOpen ? opened.from : null}
                    hour={hour}
                    onPick={onPick}
                    onOpen={toggle}
                  />
                )}
                {!isWide && starts.length > 0 && (
                  <div className="flex gap-1.5">
                    {PARTS.map((part, i) => {
                      const inPart = starts.filter((start) => start.part === part);
                      return (
                        <button
                          key={part}
                          type="button"
                          data-stop={`${day.date} ${part}`}
                          className="part-fold"
                          disabled={inPart.length === 0}
                          aria-expanded={isOpen && opened.from === i}
                          onClick={() => toggle(i)}
                        >
                          {PART_NAMES[part]} <b>{inPart.length === 0 ? '–' : inPart.length}</b>
                        </button>
                      );
                    })}
                  </div>
                )}
              </div>
              {isOpen && (
                <Starts
                  starts={starts.filter((start) =>
                    isWide ? Math.floor(start.minute / 60) === opened.from : start.part === PARTS[opened.from],
                  )}
                  from={opened.from}
                  chosen={chosen}
                  hour={hour}
                  onPick={onPick}
                />
              )}
            </li>
          );
        })}
      </ol>
    </section>
  );
}

/** How many starts there are; of one session, how many places it has left. */
function count(starts: readonly Start[], otherwise: string): string {
  const [only] = starts;
  if (only === undefined) {
    return otherwise;
  }
  return starts.length === 1 && only.places !== null
    ? say.placesInRow({ left: only.places })
    : say.starts({ count: starts.length });
}

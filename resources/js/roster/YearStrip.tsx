import { useRef, useState, type KeyboardEvent } from 'react';
import type { Schemas } from '../lib/api';
import { addDays, dateParts, longDate } from '../lib/format';
import * as say from '@words/roster';
import './YearStrip.css';

export type Dates = { first: string; last: string };
type Props = {
  dates: Schemas['Year'];
  /** The hours of an ordinary week: a weekday without any is closed. */
  hours: Schemas['WeeklyTable'];
  chosen: Dates | null;
  onChosen: (dates: Dates) => void;
};

const WEEKDAYS = ['sun', 'mon', 'tue', 'wed', 'thu', 'fri', 'sat'] as const;

const weekdayOf = (date: string): (typeof WEEKDAYS)[number] =>
  WEEKDAYS[new Date(`${date}T12:00:00Z`).getUTCDay()] ?? 'mon';

const MONTHS = Array.from({ length: 12 }, (_, month) => month);
const dateOf = (year: number, month: number, day: number): string =>
  new Date(Date.UTC(year, month, day, 12)).toISOString().slice(0, 10);
const daysIn = (year: number, month: number): number => new Date(Date.UTC(year, month + 1, 0)).getUTCDate();

/**
 * Twelve months under each other, their days from left to right. Press a day, drag or hold Shift for several. While the
 * pointer is down only the strip shows what would be chosen; it is chosen when the pointer is let go, so that nothing
 * else moves in between.
 */
export function YearStrip({ dates, hours, chosen, onChosen }: Props) {
  const strip = useRef<HTMLDivElement>(null);
  const [anchor, setAnchor] = useState<string | null>(null);
  const [pressed, setPressed] = useState<Dates | null>(null);
  const looks = looksOf(dates);
  const current = chosen?.last ?? dates.today;
  const reach = current.startsWith(String(dates.year)) ? current : `${dates.year}-01-01`;
  const shown = pressed ?? chosen;
  const span = (from: string, to: string): Dates =>
    from <= to ? { first: from, last: to } : { first: to, last: from };
  const pick = (date: string, extend: boolean) => {
    const from = extend && anchor !== null ? anchor : date;
    setAnchor(from);
    onChosen(span(from, date));
  };
  const release = () => {
    if (pressed !== null) {
      onChosen(pressed);
      setPressed(null);
    }
  };
  const key = (event: KeyboardEvent, date: string) => {
    const by = { ArrowLeft: -1, ArrowRight: 1 }[event.key];
    const months = { ArrowUp: -1, ArrowDown: 1 }[event.key];
    const at = new Date(`${date}T12:00:00Z`);
    const next =
      by !== undefined
        ? addDays(date, by)
        : months !== undefined
          ? dateOf(
              dates.year,
              at.getUTCMonth() + months,
              Math.min(at.getUTCDate(), daysIn(dates.year, at.getUTCMonth() + months)),
            )
          : null;
    if (next !== null && next.startsWith(String(dates.year))) {
      event.preventDefault();
      pick(next, event.shiftKey);
      strip.current?.querySelector<HTMLElement>(`[data-date="${next}"]`)?.focus();
    }
  };
  return (
    <div
      className="year-strip"
      ref={strip}
      onPointerUp={release}
      onPointerLeave={release}
      onPointerCancel={() => setPressed(null)}
    >
      {MONTHS.map((month) => (
        <div key={month} className="year-month">
          <span className="year-name">{dateParts(dateOf(dates.year, month, 1)).month.slice(0, 3)}</span>
          <div className="year-days">
            {Array.from({ length: daysIn(dates.year, month) }, (_, i) => dateOf(dates.year, month, i + 1)).map(
              (date) => {
                const look = looks.get(date);
                return (
                  <button
                    key={date}
                    type="button"
                    className={look?.closed === true ? 'year-day hatched' : 'year-day'}
                    data-date={date}
                    data-closed={look?.opens !== true && (hours[weekdayOf(date)] ?? []).length === 0}
                    data-today={date === dates.today}
                    data-special={look?.special === true}
                    data-off={look?.off === true}
                    tabIndex={date === reach ? 0 : -1}
                    aria-pressed={shown !== null && date >= shown.first && date <= shown.last}
                    aria-label={`${longDate(date)}${look === undefined ? '' : `: ${look.says.join(', ')}`}`}
                    onPointerDown={(event) => {
                      event.currentTarget.releasePointerCapture(event.pointerId);
                      const from = event.shiftKey && anchor !== null ? anchor : date;
                      setAnchor(from);
                      setPressed(span(from, date));
                    }}
                    onPointerEnter={() => pressed !== null && anchor !== null && setPressed(span(anchor, date))}
                    onClick={(event) => event.detail === 0 && pick(date, event.shiftKey)}
                    onKeyDown={(event) => key(event, date)}
                  >
                    {Number(date.slice(8))}
                  </button>
                );
              },
            )}
          </div>
        </div>
      ))}
    </div>
  );
}

type Look = { closed: boolean; opens: boolean; special: boolean; off: boolean; says: string[] };

/** How each date that is not ordinary looks, and what is said of it. */
function looksOf(dates: Schemas['Year']): ReadonlyMap<string, Look> {
  const looks = new Map<string, Look>();
  const of = (date: string): Look => {
    const look = looks.get(date) ?? { closed: false, opens: false, special: false, off: false, says: [] };
    looks.set(date, look);
    return look;
  };
  const each = (from: string, to: string, put: (look: Look) => void) => {
    const last = to.slice(11) === '00:00' ? addDays(to.slice(0, 10), -1) : to.slice(0, 10);
    for (let date = from.slice(0, 10); date <= last; date = addDays(date, 1)) {
      if (date.startsWith(String(dates.year))) {
        put(of(date));
      }
    }
  };
  for (const { content } of dates.specialDays) {
    const look = of(content.date);
    look.special = true;
    look.closed ||= content.hours.length === 0 && content.staff === null && content.location === null;
    look.opens ||= content.hours.length > 0 && content.staff === null;
    look.says.push(content.staff === null ? say.otherHours : say.otherHoursForSomebody);
  }
  for (const { content } of dates.closures) {
    each(content.from, content.to, (look) => {
      look.closed ||= content.staff === null;
      look.off ||= content.staff !== null;
      look.says.push(content.name === '' ? say.closed : content.name);
    });
  }
  for (const { content } of dates.timeOffs) {
    each(content.from, content.to, (look) => {
      look.off = true;
      look.says.push(say.somebodyIsAway);
    });
  }
  return looks;
}

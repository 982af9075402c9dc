import { readClock } from '../lib/clock';
import { shortTime, WEEKDAYS, type Table, type Weekday, type Window } from './week';

export const DAY = 1440;

/** A stretch in minutes of the day; its end lies beyond 1440 where it runs on into the next day. */
export type Span = { from: number; to: number; at?: string };

/** "9-12:30, 13:30-18" or "9 am - 1 pm" as windows; null where it cannot be read. */
export function readHours(typed: string): Window[] | null {
  const windows: Window[] = [];
  for (const part of typed.split(/[,;]/).map((one) => one.trim())) {
    if (part === '') {
      continue;
    }
    const [from, to, more] = part.split(/\s*(?:-|–|\bto\b)\s*/).map(readEnd);
    if (from == null || to == null || more !== undefined || from === '24:00') {
      return null;
    }
    windows.push({ from, to });
  }
  return windows;
}

/** A time of day, or 24:00: the end of one. */
const readEnd = (typed: string): string | null => (/^24(?:[:.]00)?$/.test(typed.trim()) ? '24:00' : readClock(typed));

/** "9:30" or "9" of a minute of the day; on a clock of 12 hours "9 am". */
export const shortClock = (minute: number): string => shortTime(clockOf(minute));

export function minutes(time: string): number {
  const [hour, minute] = time.split(':').map(Number);
  return (hour ?? 0) * 60 + (minute ?? 0);
}

/** "09:30"; the end of a day is "24:00", later is the next day's clock. */
export function clockOf(minute: number): string {
  const of = minute > DAY ? minute - DAY : minute;
  return `${String(Math.floor(of / 60)).padStart(2, '0')}:${String(of % 60).padStart(2, '0')}`;
}

export function span(window: Window): Span {
  const from = minutes(window.from);
  const to = minutes(window.to);
  return { from, to: to > from ? to : to + DAY, ...(window.at === undefined ? {} : { at: window.at }) };
}

export const spans = (windows: readonly Window[] | undefined): Span[] => (windows ?? []).map(span);

/** As windows again: in order, what overlaps or touches for the same place made one. */
export function windowsOf(all: readonly Span[]): Window[] {
  const joined: Span[] = [];
  for (const one of [...all].sort((a, b) => a.from - b.from)) {
    const last = joined.findLast((other) => other.at === one.at);
    if (last !== undefined && one.from <= last.to) {
      last.to = Math.min(Math.max(last.to, one.to), last.from + DAY);
    } else {
      joined.push({ ...one });
    }
  }
  return joined.map((one) => ({
    from: clockOf(one.from),
    to: clockOf(one.to),
    ...(one.at === undefined ? {} : { at: one.at }),
  }));
}

/** What of the stretches of a day lies outside those of another table, for showing it cut off. */
export function outside(day: readonly Span[], within: readonly Span[]): Span[] {
  let left: Span[] = day.map((one) => ({ from: one.from, to: one.to }));
  for (const open of within) {
    left = left.flatMap((one) =>
      open.to <= one.from || open.from >= one.to
        ? [one]
        : [
            ...(one.from < open.from ? [{ from: one.from, to: open.from }] : []),
            ...(one.to > open.to ? [{ from: open.to, to: one.to }] : []),
          ],
    );
  }
  return left;
}

/** The stretches of one day on others too. */
export const copied = (table: Table, from: Weekday, to: readonly Weekday[]): Table => ({
  ...table,
  ...Object.fromEntries(to.map((day) => [day, table[from] ?? []])),
});

/** The hours a table is drawn on: 6 to 22, and more where there is more. */
export function axisOf(tables: readonly (Table | null | undefined)[]): { from: number; to: number } {
  let [from, to] = [6 * 60, 22 * 60];
  for (const table of tables) {
    for (const [key] of WEEKDAYS) {
      for (const one of spans(table?.[key])) {
        from = Math.min(from, Math.floor(one.from / 60) * 60);
        to = Math.max(to, Math.min(DAY, Math.ceil(one.to / 60) * 60));
      }
    }
  }
  return { from, to };
}

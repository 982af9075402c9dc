import { LOCALE } from '../language/locale';
import { spellings, spells } from './spellings';

/** Names as they stand in a date of the reader's language, each by the parts of a date it belongs to. */
const named = (part: 'month' | 'weekday', dates: readonly Date[]): string[] => {
  const format = new Intl.DateTimeFormat(LOCALE, { timeZone: 'UTC', weekday: 'long', day: 'numeric', month: 'long' });
  return dates.map((at) => (format.formatToParts(at).find(({ type }) => type === part)?.value ?? '').toLowerCase());
};

const MONTHS = named(
  'month',
  Array.from({ length: 12 }, (_, i) => new Date(Date.UTC(2027, i, 1, 12))),
);
const DAYS = named(
  'weekday',
  Array.from({ length: 7 }, (_, i) => new Date(Date.UTC(2027, 7, 1 + i, 12))),
); // a Sunday

/** Which of the names somebody means by their first letters, three at least. */
const meant = (names: readonly string[], word: string): number =>
  word.length < 3 ? -1 : names.findIndex((name) => name.startsWith(word) || word.startsWith(name.slice(0, 3)));

const DAY_MS = 86_400_000;

const dayAfter = (date: string, days: number): string =>
  new Date(Date.parse(`${date}T12:00:00Z`) + days * DAY_MS).toISOString().slice(0, 10);

/** A day that exists, or null: no 31 February. */
function dateOf(year: number, month: number, day: number): string | null {
  const at = new Date(Date.UTC(year, month - 1, day, 12));
  return at.getUTCMonth() === month - 1 && at.getUTCDate() === day && year >= 1970 && year <= 2200
    ? at.toISOString().slice(0, 10)
    : null;
}

/**
 * "2027-03-15", "15 mar", "15 March 2027", "15.3.", "15/3/2027", "today", "tomorrow", "fri", "next fri", "+6w", "-3d"
 * as a local date. Without a year it is the next such day from `today` on.
 */
export function readDate(typed: string, today: string): string | null {
  const text = typed.trim().toLowerCase().replaceAll(',', ' ').replace(/\s+/g, ' ');
  const iso = /^(\d{4})-(\d{1,2})-(\d{1,2})$/.exec(text);
  if (iso !== null) {
    return dateOf(Number(iso[1]), Number(iso[2]), Number(iso[3]));
  }
  if (spells('today', text) || spells('tomorrow', text)) {
    return dayAfter(today, spells('today', text) ? 0 : 1);
  }
  const by = /^([+-])\s*(\d{1,4})\s*([dw])/.exec(text);
  if (by !== null) {
    return dayAfter(today, (by[1] === '-' ? -1 : 1) * Number(by[2]) * (by[3] === 'w' ? 7 : 1));
  }
  if (/^[\p{L}\p{M} ]+$/u.test(text)) {
    const next = spellings('next').find((word) => text.startsWith(`${word} `));
    return nextWeekday(next === undefined ? text : text.slice(next.length + 1), next !== undefined, today);
  }
  return readDayAndMonth(text, today);
}

function nextWeekday(word: string, isNext: boolean, today: string): string | null {
  const wanted = meant(DAYS, word);
  if (wanted < 0) {
    return null;
  }
  const ahead = (wanted - new Date(`${today}T12:00:00Z`).getUTCDay() + 7) % 7;
  return dayAfter(today, ahead === 0 && isNext ? 7 : ahead);
}

function readDayAndMonth(text: string, today: string): string | null {
  const spelt = /^(?:[\p{L}\p{M} ]+ )?(\d{1,2})(?:st|nd|rd|th)? ([\p{L}\p{M}]{3,})\.?(?: (\d{4}))?$/u.exec(text);
  const counted = /^(\d{1,2})[./](\d{1,2})\.?(?:[./]?(\d{4}))?$/.exec(text);
  const [, day, month, year] = spelt ?? counted ?? [];
  const of = spelt === null ? Number(month) : meant(MONTHS, month ?? '') + 1;
  if (day === undefined || of < 1) {
    return null;
  }
  const near = dateOf(Number(year ?? today.slice(0, 4)), of, Number(day));
  return year !== undefined || (near !== null && near >= today)
    ? near
    : dateOf(Number(today.slice(0, 4)) + 1, of, Number(day));
}

/** Whether it is a date in the form that is kept: "2027-03-01". */
export const isDate = (written: string): boolean => /^\d{4}-\d\d-\d\d$/.test(written);

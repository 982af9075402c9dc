import * as say from '@words/lib';
import { LOCALE } from '../language/locale';

/** Dates with their weekday, times in a named zone, amounts with their currency: all through Intl. */

const formats = new Map<string, Intl.DateTimeFormat>();

function formatter(zone: string, options: Intl.DateTimeFormatOptions, locale = LOCALE): Intl.DateTimeFormat {
  const key = zone + locale + JSON.stringify(options);
  const known = formats.get(key);
  if (known !== undefined) {
    return known;
  }
  const made = new Intl.DateTimeFormat(locale, { timeZone: zone, ...options });
  formats.set(key, made);
  return made;
}

let hourCycle: 'h23' | 'h12' = 'h23';

/** How the business writes hours: 12 or 24 of them. Said once, when its page or its Board has come. */
export function writeHoursOf(of: 12 | 24): void {
  hourCycle = of === 12 ? 'h12' : 'h23';
}

export const clock = (instant: string, zone: string): string =>
  formatter(zone, { hour: 'numeric', minute: '2-digit', hourCycle })
    .format(new Date(instant))
    .replace(/^0(?=\d)/, '');

/** The date that clocks in the zone show, "2027-03-01". */
export const dateIn = (instant: string, zone: string): string =>
  formatter(zone, { year: 'numeric', month: '2-digit', day: '2-digit' }, 'sv-SE').format(new Date(instant));

/** "Tue" */
export const weekdayIn = (instant: string, zone: string): string =>
  formatter(zone, { weekday: 'short' }).format(new Date(instant));

export const day = (instant: string, zone: string): string =>
  formatter(zone, { weekday: 'long', day: 'numeric', month: 'long' }).format(new Date(instant));

export const moment = (instant: string, zone: string): string =>
  [
    formatter(zone, { weekday: 'short', day: 'numeric', month: 'short' }).format(new Date(instant)),
    clock(instant, zone),
  ].join(', ');

/** The clock at the end of what began then; with its date where that is another one. */
export const endClock = (start: string, end: string, zone: string): string =>
  (dateIn(start, zone) === dateIn(end, zone) ? clock : moment)(end, zone);

/** A local date (no instant) in parts. */
export function dateParts(date: string): {
  weekday: string;
  day: string;
  month: string;
  monday: boolean;
} {
  const at = new Date(`${date}T12:00:00Z`);
  return {
    weekday: formatter('UTC', { weekday: 'short' }).format(at),
    day: formatter('UTC', { day: 'numeric' }).format(at),
    month: formatter('UTC', { month: 'long' }).format(at),
    monday: at.getUTCDay() === 1,
  };
}

/** What the days of the week are called; 0 is Monday. */
export const weekday = (of: number, length: 'long' | 'short'): string =>
  formatter('UTC', { weekday: length }).format(new Date(Date.UTC(2027, 1, 1 + of, 12)));

export const longDate = (date: string): string =>
  formatter('UTC', { weekday: 'long', day: 'numeric', month: 'long' }).format(new Date(`${date}T12:00:00Z`));

/** From one local date to another, without their weekdays. */
export const dateRange = (first: string, last: string): string =>
  formatter('UTC', { day: 'numeric', month: 'long' }).formatRange(
    new Date(`${first}T12:00:00Z`),
    new Date(`${last}T12:00:00Z`),
  );

/** How many days from one local date to another, both included. */
export const daysBetween = (first: string, last: string): number =>
  Math.round((Date.parse(`${last}T12:00:00Z`) - Date.parse(`${first}T12:00:00Z`)) / 86_400_000) + 1;

export function addDays(date: string, days: number): string {
  return new Date(Date.parse(`${date}T12:00:00Z`) + days * 86_400_000).toISOString().slice(0, 10);
}

const amounts = new Map<string, Intl.NumberFormat>();

function amountsIn(currency: string): Intl.NumberFormat {
  const made = amounts.get(currency) ?? new Intl.NumberFormat(LOCALE, { style: 'currency', currency });
  amounts.set(currency, made);
  return made;
}

/** Amounts are integers in the minor unit. */
export const money = (minor: number, currency: string): string =>
  amountsIn(currency).format(minor / 10 ** digits(currency));

export const digits = (currency: string): number => amountsIn(currency).resolvedOptions().maximumFractionDigits ?? 2;

/** "1 day", "3 days". */
export const days = (count: number): string => say.days({ count });

export function duration(minutes: number): string {
  const hours = Math.floor(minutes / 60);
  const rest = minutes % 60;
  if (hours === 0) {
    return say.minutes({ count: rest });
  }
  const whole = say.hours({ count: hours });
  return rest === 0 ? whole : say.hoursMinutes({ hours: whole, minutes: say.minutes({ count: rest }) });
}

/** "5 h 15", where there is little room. */
export function shortDuration(minutes: number): string {
  const hours = Math.floor(minutes / 60);
  const rest = minutes % 60;
  if (hours === 0) {
    return say.shortMinutes({ minutes: rest });
  }
  return rest === 0 ? say.shortHours({ hours }) : say.shortHoursMinutes({ hours, minutes: rest });
}

export const cityOf = (zone: string): string => (zone.split('/').at(-1) ?? zone).replaceAll('_', ' ');

const half = (hour: number) => (hour % 24 < 12 ? say.am : say.pm);

/** "14" or "2 pm": a whole hour on a ruler. */
export const hourOfDay = (hour: number): string =>
  hourCycle === 'h12' ? half(hour)({ time: hour % 12 || 12 }) : String(hour);

/** "14:30" or "2:30 pm" of "14:30"; what is no such time stays as it is. */
export const timeOfDay = (time: string): string =>
  /^(?:[01]\d|2[0-3]):\d\d$/.test(time) ? minuteOfDay(Number(time.slice(0, 2)) * 60 + Number(time.slice(3))) : time;

/** "8:30" of a minute of the day. */
export const minuteOfDay = (minute: number): string => {
  const hour = Math.floor(minute / 60);
  const shown = hourCycle === 'h12' ? hour % 12 || 12 : hour;
  const time = `${shown}:${String(minute % 60).padStart(2, '0')}`;
  return hourCycle === 'h12' ? half(hour)({ time }) : time;
};

/** "4:05" of so many seconds. */
export function countdown(seconds: number): string {
  return `${Math.floor(seconds / 60)}:${String(seconds % 60).padStart(2, '0')}`;
}

const lists = new Intl.ListFormat(LOCALE);

/** "Ada, Ben and Cleo". */
export const listed = (names: readonly string[]): string => lists.format(names);

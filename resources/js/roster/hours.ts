import type { Schemas } from '../lib/api';

export type Table = Schemas['WeeklyTable'];
export type Window = Schemas['Window'];

export const WEEKDAYS = [
  ['mon', 'Monday'],
  ['tue', 'Tuesday'],
  ['wed', 'Wednesday'],
  ['thu', 'Thursday'],
  ['fri', 'Friday'],
  ['sat', 'Saturday'],
  ['sun', 'Sunday'],
] as const;

const STRETCH = /^(\d{1,2})(?::([0-5]\d))?\s*(?:-|–|to)\s*(\d{1,2})(?::([0-5]\d))?$/;

const pad = (hour: string, minute: string | undefined): string => `${hour.padStart(2, '0')}:${minute ?? '00'}`;

/** "9-12:30, 13:30-18" as windows; null where it cannot be read. */
export function readHours(typed: string): Window[] | null {
  const windows: Window[] = [];
  for (const part of typed.split(/[,;]/).map((one) => one.trim())) {
    if (part === '') {
      continue;
    }
    const [, fromHour, fromMinute, toHour, toMinute] = STRETCH.exec(part) ?? [];
    if (fromHour === undefined || toHour === undefined || Number(fromHour) > 23 || Number(toHour) > 24) {
      return null;
    }
    windows.push({ from: pad(fromHour, fromMinute), to: pad(toHour, toMinute) });
  }
  return windows;
}

const short = (time: string): string => time.replace(/^0/, '').replace(/:00$/, '');

export const writeHours = (windows: readonly Window[] | undefined): string =>
  (windows ?? []).map((one) => `${short(one.from)}-${short(one.to)}`).join(', ');

export function minutes(time: string): number {
  const [hour, minute] = time.split(':').map(Number);
  return (hour ?? 0) * 60 + (minute ?? 0);
}

import type { Schemas } from '../lib/api';
import { timeOfDay, weekday } from '../lib/format';

export type Table = Schemas['WeeklyTable'];
export type Window = Schemas['Window'];
export type Weekday = keyof Table;

export const KEYS = ['mon', 'tue', 'wed', 'thu', 'fri', 'sat', 'sun'] as const;

/** The days of the week by their keys, as they are called. */
export const WEEKDAYS = KEYS.map((key, i) => [key, weekday(i, 'long')] as const);

/** "Mon", where there is little room. */
export const shortWeekday = (key: Weekday): string => weekday(KEYS.indexOf(key), 'short');

export const shortTime = (time: string): string => timeOfDay(time).replace(/:00(?=$| )/, '');

export const writeHours = (windows: readonly Window[] | undefined): string =>
  (windows ?? []).map((one) => `${shortTime(one.from)}-${shortTime(one.to)}`).join(', ');

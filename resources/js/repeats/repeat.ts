import type { Schemas } from '../lib/api';

/** How often, and either how many times or until when. */
export type Repeat = Schemas['Repeat'];

/** How often, without for how long. */
type Often = Omit<Repeat, 'count' | 'until'>;
type Weekday = NonNullable<Repeat['weekdays']>[number];

const WORKDAYS: Weekday[] = ['mon', 'tue', 'wed', 'thu', 'fri'];
const ALL: readonly Weekday[] = [...WORKDAYS, 'sat', 'sun'];

/** The weekday of a date, by its key. */
export const weekdayOf = (date: string): Weekday => ALL[(new Date(`${date}T12:00:00Z`).getUTCDay() + 6) % 7] ?? 'mon';

/** The same with the weekday of its first date among those it names, as it must be. */
export const beginningOn = (repeat: Repeat, date: string): Repeat =>
  repeat.weekdays === undefined || repeat.weekdays === null || repeat.weekdays.includes(weekdayOf(date))
    ? repeat
    : { ...repeat, weekdays: [weekdayOf(date), ...repeat.weekdays] };

export const isWorkday = (date: string): boolean => WORKDAYS.includes(weekdayOf(date));

/** What is offered to choose from, by name. `days` are weekdays that are ticked one by one. */
export const OFTEN = ['day', 'week', 'fortnight', 'workday', 'days', 'month', 'sameWeekday', 'lastWeekday'] as const;
export type OftenName = (typeof OFTEN)[number];

export function oftenOf(name: OftenName, date: string): Often {
  switch (name) {
    case 'day':
      return { every: 1, unit: 'days' };
    case 'workday':
      return { every: 1, unit: 'weeks', weekdays: WORKDAYS };
    case 'week':
      return { every: 1, unit: 'weeks' };
    case 'fortnight':
      return { every: 2, unit: 'weeks' };
    case 'days':
      return { every: 1, unit: 'weeks', weekdays: [weekdayOf(date)] };
    case 'month':
      return { every: 1, unit: 'months' };
    case 'sameWeekday':
      return { every: 1, unit: 'months', monthDay: 'weekday' };
    case 'lastWeekday':
      return { every: 1, unit: 'months', monthDay: 'lastWeekday' };
  }
}

/** Which of them it is. */
export function nameOf({ every, unit, weekdays, monthDay }: Repeat): OftenName {
  if (unit === 'days') {
    return 'day';
  }
  if (unit === 'months') {
    return monthDay === 'weekday' ? 'sameWeekday' : monthDay === 'lastWeekday' ? 'lastWeekday' : 'month';
  }
  if (weekdays === undefined || weekdays === null) {
    return every === 2 ? 'fortnight' : 'week';
  }
  return weekdays.length === WORKDAYS.length && WORKDAYS.every((day) => weekdays.includes(day)) ? 'workday' : 'days';
}

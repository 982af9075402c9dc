import { readHours } from '../hours/hours';
import type { Schemas } from '../lib/api';
import { addDays, daysBetween } from '../lib/format';
import { draftOf, type Draft } from '../setup/things';
import type { Dates } from './YearStrip';

export type What = 'closed' | 'special' | 'off';
export type Whose = 'everyone' | 'people' | 'location';

/** What somebody wants to be different on the dates they have chosen; null: not said yet. */
export type Wish = {
  what: What | null;
  whose: Whose | null;
  people: readonly string[];
  place: string;
  name: string;
  /** Hours as they are typed, for other hours. */
  typed: string;
  /** From when on the first day until when on the last; "00:00" is the end of that day. */
  times: { from: string; to: string };
};

/** A choice of more days than these says how wide it is before it can be saved. */
const WIDE_DAYS = 31;

/** Whether it is for people of whom nobody is named yet. */
export const isForNobody = ({ what, whose, people }: Wish): boolean =>
  (what === 'off' || whose === 'people') && people.length === 0;

/** Whether it must be said once more that it is meant for so many days. */
export const isWide = (chosen: Dates): boolean => daysBetween(chosen.first, chosen.last) > WIDE_DAYS;

/** The drafts that make it so; none as long as something has not been said. */
export function draftsOf(wish: Wish, chosen: Dates, dates: Schemas['Year']): Draft[] {
  const hours = readHours(wish.typed);
  const { what, whose } = wish;
  const waits = what === null || (what !== 'off' && whose === null) || (what === 'special' && hours === null);
  if (waits || isForNobody(wish) || (what === 'special' && whose === 'location' && wish.place === '')) {
    return [];
  }
  const people = [...wish.people];
  const span = {
    from: `${chosen.first}T${wish.times.from}`,
    to: `${wish.times.to === '00:00' ? addDays(chosen.last, 1) : chosen.last}T${wish.times.to}`,
  };
  switch (what) {
    case 'off':
      return people.map((staff) => draftOf.timeOff(null, { staff, name: wish.name, ...span }, null));
    case 'closed':
      return [draftOf.closure(null, { name: wish.name, ...span, staff: whose === 'people' ? people : null }, null)];
    case 'special':
      return specialDays(wish, chosen, dates, hours ?? []);
  }
}

/** One a date and person; what is a special day already is changed. */
function specialDays(
  { whose, people, place }: Wish,
  chosen: Dates,
  dates: Schemas['Year'],
  hours: NonNullable<ReturnType<typeof readHours>>,
): Draft[] {
  const found: Draft[] = [];
  const location = whose === 'location' ? place : null;
  for (let date = chosen.first; date <= chosen.last; date = addDays(date, 1)) {
    for (const staff of whose === 'people' ? people : [null]) {
      const known = dates.specialDays.find(
        ({ content }) => content.date === date && content.staff === staff && content.location === location,
      );
      found.push(draftOf.specialDay(known?.id ?? null, { date, staff, location, hours }, known?.version ?? null));
    }
  }
  return found;
}

import { writeHours } from '../hours/week';
import type { Schemas } from '../lib/api';
import { addDays, longDate } from '../lib/format';
import { draftOf, type Draft } from '../setup/things';
import { spanWords } from './spanWords';
import type { Dates } from './YearStrip';
import * as say from '@words/roster';

/** Something that makes a date differ, with the draft that takes it back. */
export type Difference = { id: string; says: string; who: string; draft: Draft };

/** What is different on these dates already; `name` of a person or a place. */
export function differencesOn(dates: Schemas['Year'], chosen: Dates, name: (id: string) => string): Difference[] {
  const meets = (from: string, to: string): boolean =>
    from < `${addDays(chosen.last, 1)}T00:00` && to > `${chosen.first}T00:00`;
  return [
    ...dates.specialDays
      .filter(({ content }) => content.date >= chosen.first && content.date <= chosen.last)
      .map(({ id, version, content }) => ({
        id,
        says: [
          longDate(content.date),
          content.hours.length === 0 ? say.closed : say.openHours({ hours: writeHours(content.hours) }),
        ].join(': '),
        who:
          content.staff !== null || content.location !== null
            ? name(content.staff ?? content.location ?? '')
            : say.everyone,
        draft: draftOf.specialDay(id, null, version),
      })),
    ...dates.closures
      .filter(({ content }) => meets(content.from, content.to))
      .map(({ id, version, content }) => ({
        id,
        says: [content.name === '' ? say.closedTitle : content.name, spanWords(content.from, content.to)].join(': '),
        who: content.staff === null ? say.everyone : content.staff.map(name).join(', '),
        draft: draftOf.closure(id, null, version),
      })),
    ...dates.timeOffs
      .filter(({ content }) => meets(content.from, content.to))
      .map(({ id, version, content }) => ({
        id,
        says: [
          content.name === '' ? say.timeOff : say.offNamed({ name: content.name }),
          spanWords(content.from, content.to),
        ].join(': '),
        who: name(content.staff),
        draft: draftOf.timeOff(id, null, version),
      })),
  ];
}

import { KEYS, shortWeekday, writeHours, type Table, type Weekday } from './week';
import * as say from '@words/hours';

/** "Mon to Fri 9-18, Sat 10-14": days after each other that are alike are told at once. */
export function weekWords(table: Table): string {
  const runs: { first: Weekday; last: Weekday; hours: string }[] = [];
  for (const key of KEYS) {
    const hours = writeHours(table[key]);
    const before = runs.at(-1);
    const follows = before !== undefined && KEYS.indexOf(before.last) + 1 === KEYS.indexOf(key);
    if (hours !== '' && follows && before.hours === hours) {
      before.last = key;
    } else if (hours !== '') {
      runs.push({ first: key, last: key, hours });
    }
  }
  return runs
    .map(({ first, last, hours }) =>
      first === last
        ? `${shortWeekday(first)} ${hours}`
        : say.weekdaysHours({ first: shortWeekday(first), last: shortWeekday(last), hours }),
    )
    .join(', ');
}

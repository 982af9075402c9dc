import * as say from '@words/lib';
import { shortDuration } from './format';
import { spellings } from './spellings';

/** Lengths as people type them. What cannot be read is null, never something else. */

const UNITS: Readonly<Record<string, number>> = Object.fromEntries(
  (
    [
      ['minute', 1],
      ['hour', 60],
      ['day', 1440],
      ['week', 10_080],
    ] as const
  ).flatMap(([unit, minutes]) => spellings(unit).map((word) => [word, minutes])),
);

const LONGEST = 999_999_999;

/** "90", "1h30", "1 h 30", "1:30", "1.5 h", "2 days", "1 day 2 h" in minutes; `alone` is the unit of a bare number. */
export function readLength(typed: string, alone: 'minute' | 'day' = 'minute'): number | null {
  const text = typed.trim().toLowerCase().replaceAll(',', '.');
  const clock = /^(\d{1,4}):([0-5]\d)$/.exec(text);
  if (clock !== null) {
    return Number(clock[1]) * 60 + Number(clock[2]);
  }
  if (/^\d{1,9}$/.test(text)) {
    return Number(text) * (alone === 'day' ? 1440 : 1);
  }
  let total = 0;
  let rest = text;
  let before = Infinity;
  while (rest !== '') {
    const [whole, amount = '', word = ''] =
      /^(\d{1,9}(?:\.\d{1,4})?)\s*([\p{L}\p{M}]*)\s*(?:and\s+)?/u.exec(rest) ?? [];
    const unit = word === '' && before === 60 ? 1 : UNITS[word]; // "1 h 30": what follows an hour is minutes
    if (whole === undefined || unit === undefined || unit >= before) {
      return null;
    }
    total += Number(amount) * unit;
    before = unit;
    rest = rest.slice(whole.length);
  }
  return text !== '' && Number.isInteger(total) && total <= LONGEST ? total : null;
}

/** "45 min", "1 h 30", "2 days": as short as it can be read again. */
export function writeLength(minutes: number): string {
  if (minutes >= 1440 && minutes % 1440 === 0) {
    return say.days({ count: minutes / 1440 });
  }
  return shortDuration(minutes);
}

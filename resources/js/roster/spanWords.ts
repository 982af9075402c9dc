import { dateParts, timeOfDay } from '../lib/format';
import * as say from '@words/roster';

const dayWords = (date: string): string => {
  const parts = dateParts(date);
  return `${parts.weekday} ${parts.day} ${parts.month} ${date.slice(0, 4)}`;
};

/** "Mon 1 March 2027, all day" or from one date and hour to another, of wall-clock times without a zone. */
export function spanWords(from: string, to: string): string {
  const [first, start] = [from.slice(0, 10), from.slice(11)];
  const whole = start === '00:00' && to.slice(11) === '00:00';
  const last = whole ? dayBefore(to.slice(0, 10)) : to.slice(0, 10);
  if (whole) {
    return first === last ? dayWords(first) : say.spans({ first: dayWords(first), last: dayWords(last) });
  }
  return first === last
    ? `${dayWords(first)}, ${timeOfDay(start)}–${timeOfDay(to.slice(11))}`
    : say.spanHours({
        first: dayWords(first),
        start: timeOfDay(start),
        last: dayWords(last),
        end: timeOfDay(to.slice(11)),
      });
}

export const dayBefore = (date: string): string =>
  new Date(Date.parse(`${date}T12:00:00Z`) - 86_400_000).toISOString().slice(0, 10);

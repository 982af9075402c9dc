import { money } from '../lib/format';
import { WEEKDAYS, writeHours, type Table } from '../hours/week';
import * as say from '@words/setup';
import { wordOf } from '../language/wordOf';

/** What a field of a thing is called on the screen, wherever a change of it is told. */
export const fieldWord = (field: string): string => wordOf(say.fields, field);

/** Whose values say by themselves what they are. */
const SAID = ['kind', 'amount', 'staff', 'name', 'from', 'to', 'unit', 'pool', 'id', 'text', 'question', 'answer'];

const isTable = (value: object): value is Table => 'mon' in value && 'sun' in value;

/** Fields that are amounts in the minor unit. */
const AMOUNTS = ['price', 'amount', 'perStep', 'extraPeople'];

const isNothing = (value: unknown): boolean =>
  value === null || value === false || value === '' || (Array.isArray(value) && value.length === 0);

/** A value of a field in a few words, for histories and conflicts. */
export function valueWords(
  value: unknown,
  names: ReadonlyMap<string, string>,
  currency: string,
  field: string,
): string {
  if (typeof value === 'number' && AMOUNTS.includes(field)) {
    return money(value, currency);
  }
  if (value === null || value === undefined || value === '') {
    return say.nothing;
  }
  if (typeof value === 'boolean') {
    return value ? say.yes : say.no;
  }
  if (Array.isArray(value)) {
    return value.length === 0 ? say.nothing : value.map((one) => valueWords(one, names, currency, field)).join(', ');
  }
  if (typeof value === 'object') {
    return isTable(value)
      ? WEEKDAYS.filter(([key]) => (value[key] ?? []).length > 0)
          .map(([key]) => `${key} ${writeHours(value[key])}`)
          .join('; ') || say.nothing
      : Object.entries(value)
          .filter(([, one]) => !isNothing(one))
          .map(
            ([key, one]) =>
              `${SAID.includes(key) ? '' : `${fieldWord(key).toLowerCase()} `}${valueWords(one, names, currency, key)}`,
          )
          .join(', ');
  }
  const words = typeof value === 'string' ? value : JSON.stringify(value);
  return names.get(words) ?? words;
}

/** "at most 3 a day"; what cannot be read yet is not written as a number. */
export function mostADay(most: number | null): string {
  return most === null ? say.anyNumberDay : most < 1 ? say.mostDayNotRead : say.atMost({ most });
}

import { expect, test } from 'vitest';
import { instantAt, scaleOf } from '../../resources/js/board/ruler';
import { stacked } from '../../resources/js/board/stack';
import { readLooking } from '../../resources/js/board/useLooking';
import type { Schemas } from '../../resources/js/lib/api';

const tag = (id: string, from: string, to: string): Schemas['Tag'] => ({
  id,
  lanes: [],
  staff: [],
  start: `2027-03-01T${from}Z`,
  end: `2027-03-01T${to}Z`,
  takenFrom: `2027-03-01T${from}Z`,
  takenUntil: `2027-03-01T${to}Z`,
  service: 'Lesson',
  client: null,
  state: 'confirmed',
  money: 'free',
  price: 0,
  first: false,
  noted: false,
  double: false,
  places: null,
  taken: 1,
  people: [],
});

const rows = (...tags: Schemas['Tag'][]) => {
  const found = stacked(tags);
  return tags.map(({ id }) => `${found.get(id)?.row ?? ''}/${found.get(id)?.rows ?? ''}`);
};

test('what lies over one another hangs beneath one another, and only that', () => {
  expect(rows(tag('a', '09:00', '10:00'), tag('b', '10:00', '11:00'))).toEqual(['0/1', '0/1']);
  expect(rows(tag('a', '09:00', '12:00'), tag('b', '10:00', '11:00'), tag('c', '11:00', '13:00'))).toEqual([
    '0/2',
    '1/2',
    '1/2',
  ]);
  expect(rows(tag('a', '09:00', '10:00'), tag('b', '09:00', '10:00'), tag('c', '14:00', '15:00'))).toEqual([
    '0/2',
    '1/2',
    '0/1',
  ]);
});

test('a ruler tells where an instant lies, and which one lies there', () => {
  const scale = scaleOf({ start: '2027-03-01T08:00Z', end: '2027-03-01T18:00Z', ticks: [] });
  expect(scale.at('2027-03-01T13:00Z')).toBe(50);
  expect(scale.at('2027-03-01T20:00Z')).toBe(100);
  expect(instantAt(scale, 0.5)).toBe('2027-03-01T13:00Z');
  expect(instantAt(scale, 0.5041)).toBe('2027-03-01T13:00Z');
});

test('what was looked at is read as it was left, and what is not known is left out', () => {
  expect(readLooking('{"span":"week","staff":["a",3],"lanes":"moons"}')).toEqual({
    span: 'week',
    lanes: 'people',
    whose: 'all',
    staff: ['a'],
    location: '',
  });
  expect(readLooking('no').span).toBe('day');
});

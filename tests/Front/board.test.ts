import { expect, test } from 'vitest';
import { lengthened, pulled, snapped, startsOf, stepped, stretches } from '../../resources/js/board/lift';
import { instantAt, scaleOf } from '../../resources/js/board/ruler';
import { stringsOf } from '../../resources/js/board/Strings';
import { stacked } from '../../resources/js/board/stack';
import { readLooking } from '../../resources/js/board/useLooking';
import type { Schemas } from '../../resources/js/lib/api';

const tag = (id: string, from: string, to: string): Schemas['Tag'] => ({
  id,
  session: null,
  lanes: [],
  staff: [],
  start: `2027-03-01T${from}Z`,
  end: `2027-03-01T${to}Z`,
  takenFrom: `2027-03-01T${from}Z`,
  takenUntil: `2027-03-01T${to}Z`,
  service: 'Lesson',
  location: 'Yard',
  serviceId: 'lesson',
  client: null,
  state: 'confirmed',
  money: 'free',
  price: 0,
  first: false,
  noted: false,
  double: false,
  visit: null,
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

const MINUTE = 60_000;

test('a tag falls onto a start within reach, else onto five minutes', () => {
  expect(snapped(101 * MINUTE, [90 * MINUTE, 120 * MINUTE], 15 * MINUTE)).toBe(90 * MINUTE);
  expect(snapped(107 * MINUTE, [60 * MINUTE, 120 * MINUTE], 10 * MINUTE)).toBe(105 * MINUTE);
  expect(snapped(107 * MINUTE, [], 10 * MINUTE)).toBe(105 * MINUTE);
});

test('keys go from start to start, and beyond the last by five minutes', () => {
  expect(stepped(60, 1, [30, 90, 120])).toBe(90);
  expect(stepped(60, -1, [30, 90, 120])).toBe(30);
  expect(stepped(30 * MINUTE, -1, [30 * MINUTE])).toBe(25 * MINUTE);
  expect(lengthened(60 * MINUTE, 1, [60 * MINUTE, 90 * MINUTE])).toBe(90 * MINUTE);
  expect(lengthened(5 * MINUTE, -1, [])).toBe(5 * MINUTE);
  expect(pulled(84 * MINUTE, [60 * MINUTE, 90 * MINUTE], 10 * MINUTE)).toBe(90 * MINUTE);
});

test('starts that follow one another open one stretch', () => {
  expect(stretches([0, 30, 200], 60)).toEqual([
    { from: 0, to: 90 },
    { from: 200, to: 260 },
  ]);
});

test('a tag may hang where somebody could take it, where it could be, or on any unit at that hour', () => {
  const starts = [
    { at: '2027-03-01T09:00Z', staff: ['a', 'b'], places: ['yard'] },
    { at: '2027-03-01T10:00Z', staff: ['a'], places: ['yard', 'mill'] },
  ];
  const hours = (lane: string, by: 'people' | 'places' | 'units') =>
    startsOf(starts, lane, by).map((ms) => new Date(ms).getUTCHours());
  expect(hours('b', 'people')).toEqual([9]);
  expect(hours('mill', 'places')).toEqual([10]);
  expect(hours('wheel-1', 'units')).toEqual([9, 10]);
});

test('the tags of a visit hang on one string, from the end of each to the beginning of the next', () => {
  const on = (lane: string, visit: string | null, one: Schemas['Tag']) => ({ ...one, lanes: [lane], visit });
  const tags = [
    on('ana', 'v1', tag('a', '09:00', '10:00')),
    on('ana', null, tag('b', '10:00', '11:00')),
    on('bo', 'v1', tag('c', '10:15', '11:00')),
    on('ana', 'v1', tag('d', '11:00', '12:00')),
    on('gone', 'v2', tag('e', '09:00', '09:30')),
  ];
  const at = (instant: string) => Number(instant.slice(11, 13)) * 60 + Number(instant.slice(14, 16)) - 540;
  expect(stringsOf(tags, [{ id: 'ana' }, { id: 'bo' }], { at }, [0.2, 0.7])).toEqual([
    'M60 0.2L75 0.7',
    'M120 0.7L120 0.2',
  ]);
});

import { expect, test } from 'vitest';
import { beginningOn, isWorkday, nameOf, OFTEN, oftenOf, weekdayOf } from '../../resources/js/repeats/repeat';

test('each way of repeating is known again by its name', () => {
  const names = OFTEN.map((name) => nameOf(oftenOf(name, '2027-03-06')));
  expect(names).toEqual([...OFTEN]);
});

test('the weekday of the first date is always among those it names', () => {
  expect(weekdayOf('2027-03-07')).toBe('sun');
  const mondays = { every: 1, unit: 'weeks', weekdays: ['mon'] } as const;
  expect(beginningOn({ ...mondays, weekdays: ['mon'] }, '2027-03-03').weekdays).toEqual(['wed', 'mon']);
  expect(beginningOn({ ...mondays, weekdays: ['mon'] }, '2027-03-01').weekdays).toEqual(['mon']);
  expect(beginningOn({ every: 2, unit: 'months' }, '2027-03-03').weekdays).toBeUndefined();
  expect([isWorkday('2027-03-05'), isWorkday('2027-03-06')]).toEqual([true, false]);
});

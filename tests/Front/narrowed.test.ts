import { act, renderHook } from '@testing-library/react';
import { expect, test } from 'vitest';
import { useNarrowed, type Narrowed } from '../../resources/js/gate/useNarrowed';
import type { Start } from '../../resources/js/gate/types';

const at = (minute: number, part: string): Start => ({ minute, part }) as Start;
const SATURDAY = '2027-03-06';
const MONDAY = '2027-03-08';

function narrowedTo(changes: Partial<Narrowed>) {
  const { result } = renderHook(() => useNarrowed());
  act(() => result.current.narrow(changes));
  return result.current.show;
}

test('shows all that is not narrowed', () => {
  const show = narrowedTo({});
  expect(show(at(9 * 60, 'morning'), MONDAY)).toBe(true);
});

test('narrows to a part of the day, to weekdays or weekends, and to an hour', () => {
  expect(narrowedTo({ part: 'evening' })(at(9 * 60, 'morning'), MONDAY)).toBe(false);
  expect(narrowedTo({ days: 'weekdays' })(at(9 * 60, 'morning'), SATURDAY)).toBe(false);
  expect(narrowedTo({ days: 'weekends' })(at(9 * 60, 'morning'), SATURDAY)).toBe(true);
  expect(narrowedTo({ days: 'weekends' })(at(9 * 60, 'morning'), MONDAY)).toBe(false);
  const fromFour = narrowedTo({ after: 16 * 60 });
  expect(fromFour(at(16 * 60, 'afternoon'), MONDAY)).toBe(true);
  expect(fromFour(at(15 * 60 + 45, 'afternoon'), MONDAY)).toBe(false);
});

import assert from 'node:assert/strict';
import { test } from 'vitest';
import { jump } from '../../resources/js/board/useJump';

/* The Board shows Wednesday 10 March 2027; today is Monday the first. */
const to = (typed: string): string | null => jump(typed, '2027-03-10', '2027-03-01');

test('steps from the day that is shown', () => {
  assert.equal(to('6w'), '2027-04-21');
  assert.equal(to('+6w'), '2027-04-21');
  assert.equal(to('-3d'), '2027-03-07');
  assert.equal(to(' 2D '), '2027-03-12');
});

test('reads all else from today', () => {
  assert.equal(to('fri'), '2027-03-05');
  assert.equal(to('next mon'), '2027-03-08');
  assert.equal(to('15 mar'), '2027-03-15');
  assert.equal(to('today'), '2027-03-01');
  assert.equal(to('whenever'), null);
});

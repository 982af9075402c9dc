import assert from 'node:assert/strict';
import { afterEach, beforeEach, test, vi } from 'vitest';
import { askAgain } from '../../resources/js/gate/askAgain';

beforeEach(() => void vi.useFakeTimers());
afterEach(() => void vi.useRealTimers());

test('asks soon, then less often, and not before the last answer has come', async () => {
  const asked: number[] = [];
  const start = Date.now();
  const stop = askAgain(() => {
    asked.push(Date.now() - start);
    return asked.length === 2 ? Promise.reject(new Error('no line')) : Promise.resolve();
  });
  await vi.advanceTimersByTimeAsync(60_000);
  assert.deepEqual(asked.slice(0, 3), [400, 920, 1596]);
  const waits = asked.slice(1).map((at, i) => at - (asked[i] ?? 0));
  assert.equal(Math.max(...waits), 3_000);
  stop();
});

test('asks no more once it is stopped, even while an answer is still to come', async () => {
  let asked = 0;
  const stop = askAgain(() => {
    asked++;
    return new Promise((done) => setTimeout(done, 1_000));
  });
  await vi.advanceTimersByTimeAsync(500);
  stop();
  await vi.advanceTimersByTimeAsync(60_000);
  assert.equal(asked, 1);
});

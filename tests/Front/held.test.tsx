import { act, cleanup, renderHook } from '@testing-library/react';
import { afterEach, beforeEach, expect, test, vi } from 'vitest';
import { useGate } from '../../resources/js/gate/useGate';
import { asking, latest, type Asked } from './asking';

let asked: Asked[];

beforeEach(() => {
  asked = asking();
  vi.spyOn(window, 'scrollTo').mockImplementation(() => undefined);
});
afterEach(() => {
  cleanup();
  vi.restoreAllMocks();
  window.history.replaceState(null, '', '/');
  window.localStorage.clear();
  window.sessionStorage.clear();
});

const START = { at: '2027-03-01T10:00Z', staff: ['ana'], part: 'morning', minute: 600 };
const TIMES = {
  service: 'one',
  staff: null,
  party: 1,
  minutes: null,
  location: null,
  from: '2027-03-01',
  today: '2027-03-01',
  days: [{ date: '2027-03-01', starts: [START] }],
};
const HELD = { id: 'b1', query: 'until=1&seal=x', state: 'held', client: null, link: 'http://here/b/b1' };
const gate = () => {
  const page = { business: { slug: 'mill' }, services: [], codes: false };
  const { result } = renderHook(() => useGate(page as never, TIMES as never, { name: 'first' } as never, null));
  act(() => result.current.pick(START as never));
  return result;
};
const holds = () => asked.filter((one) => one.path.endsWith('/holds'));

test('a time is held once, however often it is pressed, and until it is answered nothing else is', async () => {
  const result = gate();
  act(() => {
    result.current.keep();
    result.current.pickAt(START.at);
  });
  act(() => result.current.keep());
  expect(holds()).toHaveLength(1);
  expect(result.current.keeping).toBe(true);
  await holds()[0]?.answer(HELD);
  expect(result.current.held).toEqual(HELD);
  expect(result.current.keeping).toBe(false);
});

test('where it is somebody else’s, the times are asked anew, and then it is said', async () => {
  const result = gate();
  act(() => result.current.keep());
  await holds()[0]?.refuse({ code: 'taken', message: 'This time has just been taken.' });
  expect(result.current.start).toBeNull();
  await latest(asked, 'open-times')?.answer({ ...TIMES, days: [] });
  await latest(asked, 'quote')?.answer({ name: 'anew' });
  expect(result.current.trouble?.message).toBe('This time has just been taken.');
  expect(result.current.times.days).toEqual([]);
});

test('on a dead line nothing is lost: what was chosen stays, and it can be tried again', async () => {
  const result = gate();
  act(() => result.current.keep());
  await holds()[0]?.lose();
  await latest(asked, 'open-times')?.lose();
  expect(result.current.trouble?.code).toBe('offline');
  expect(result.current.keeping).toBe(false);
  expect(result.current.loading).toBe(false);
  act(() => result.current.pickAt(START.at));
  expect(holds()).toHaveLength(2);
});

test('a time is let go of at once, and the times are asked for once that is done, or could not be', async () => {
  for (const end of ['answer', 'lose'] as const) {
    const result = gate();
    act(() => result.current.keep());
    await holds().at(-1)?.answer(HELD);
    window.history.replaceState(null, ''); // as if the page were another
    const before = asked.filter((one) => one.path.includes('open-times')).length;
    act(() => result.current.letGo());
    expect(result.current.held).toBeNull();
    expect(asked.filter((one) => one.path.includes('open-times'))).toHaveLength(before);
    await latest(asked, '/cancel')?.[end]({ ...HELD, state: 'expired' });
    expect(asked.filter((one) => one.path.includes('open-times'))).toHaveLength(before + 1);
    cleanup();
  }
});

test('what another tab left waiting is offered, and gone on with', async () => {
  const first = gate();
  act(() => first.current.keep());
  await holds()[0]?.answer(HELD);
  cleanup();
  window.history.replaceState(null, '', '/');
  const result = gate();
  await latest(asked, '/gate-api/bookings/{id}')?.answer(HELD);
  expect(result.current.waiting?.id).toBe('b1');
  act(() => result.current.goOn());
  expect(result.current.held?.id).toBe('b1');
  expect(result.current.waiting).toBeNull();
});

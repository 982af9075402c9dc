import { act, cleanup, renderHook } from '@testing-library/react';
import { afterEach, beforeEach, expect, test, vi } from 'vitest';
import { useScheduling } from '../../resources/js/sessions/useScheduling';
import { asking, inWorkspace, latest, queriesOf, type Asked } from './asking';

let asked: Asked[];

beforeEach(() => {
  asked = asking();
});
afterEach(() => {
  cleanup();
  vi.restoreAllMocks();
  window.history.replaceState(null, '', '/');
});

const settle = (wait = 10) => act(() => new Promise((drawn) => setTimeout(drawn, wait)));
const date = (at: string, state: string, nearest: string | null = null) => ({
  at,
  end: at,
  state,
  reasons: [],
  nearest,
});
const FIRST = {
  date: '2027-03-01',
  at: '10:00',
  repeat: null,
  minutes: 60,
  places: 6,
  staff: ['ana'],
  location: 'yard',
};
const scheduling = async (done = () => undefined) => {
  const wrapper = inWorkspace(queriesOf());
  const { result } = renderHook(() => useScheduling('mill', 'taster', FIRST, done), { wrapper });
  await settle();
  await latest(asked, '/sessions/dates')?.answer({
    dates: [
      date('2027-03-01T10:00Z', 'free'),
      date('2027-03-02T10:00Z', 'outside', '2027-03-02T11:00Z'),
      date('2027-03-03T10:00Z', 'taken', '2027-03-03T12:00Z'),
    ],
  });
  await settle();
  return result;
};

test('what is free is taken, what is outside or taken only where somebody says so', async () => {
  const result = await scheduling();
  expect(result.current.starts).toEqual(['2027-03-01T10:00Z']);
  act(() => result.current.answer('2027-03-02T10:00Z', 'take'));
  act(() => result.current.answer('2027-03-03T10:00Z', 'nearest'));
  act(() => result.current.answer('2027-03-01T10:00Z', 'out'));
  expect(result.current.starts).toEqual(['2027-03-02T10:00Z', '2027-03-03T12:00Z']);
});

test('nothing can be pressed while what is typed is not answered yet', async () => {
  const result = await scheduling();
  expect(result.current.isReady).toBe(true);
  act(() => result.current.set({ at: '11:00' }));
  expect(result.current.isReady).toBe(false);
  await settle(300);
  expect(result.current.isReady).toBe(false);
});

test('sent again after a dead line they are the same sessions; once they are there, the next are others', async () => {
  const done = vi.fn();
  const result = await scheduling(done);
  await act(async () => void result.current.schedule());
  const series = latest(asked, '/sessions')?.body['series'];
  await latest(asked, '/sessions')?.lose();
  await settle();
  expect(result.current.trouble).not.toBeNull();
  await act(async () => void result.current.schedule());
  const again = asked.findLast((one) => one.path.endsWith('/sessions'));
  expect(again?.body['series']).toBe(series);
  await again?.answer({ sessions: ['s1'] });
  await settle();
  expect(done).toHaveBeenCalledOnce();
  await act(async () => void result.current.schedule());
  expect(asked.findLast((one) => one.path.endsWith('/sessions'))?.body['series']).not.toBe(series);
});

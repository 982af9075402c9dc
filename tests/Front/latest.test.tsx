import { act, cleanup, renderHook } from '@testing-library/react';
import { afterEach, beforeEach, expect, test, vi } from 'vitest';
import { latestOnly, useAsked } from '../../resources/js/gate/latest';
import { useBooking } from '../../resources/js/gate/useBooking';
import { useGate } from '../../resources/js/gate/useGate';
import { api } from '../../resources/js/lib/api';

type Asked = { path: string; query: Record<string, unknown>; answer: (data: object) => Promise<void> };
let asked: Asked[];

beforeEach(() => {
  asked = [];
  const heard = (path: string, { params = {} }: { params?: { query?: Record<string, unknown> } } = {}) =>
    new Promise((resolve) => {
      const answer = (data: object) => act(async () => resolve({ data, response: new Response() }));
      asked.push({ path, query: params.query ?? {}, answer });
    });
  vi.spyOn(api, 'GET').mockImplementation(heard as never);
  vi.spyOn(api, 'POST').mockImplementation(heard as never);
  vi.spyOn(window, 'scrollTo').mockImplementation(() => undefined);
});
afterEach(() => {
  cleanup();
  vi.restoreAllMocks();
  window.history.replaceState(null, '', '/');
});

test('only the newest question is answered, in whatever order the answers come', async () => {
  const latest = latestOnly();
  const heard: string[] = [];
  const answers: ((answer: string) => void)[] = [];
  const signals: AbortSignal[] = [];
  const question = (signal: AbortSignal) => {
    signals.push(signal);
    return new Promise<string>((resolve) => answers.push(resolve));
  };
  const both = [latest.ask(question, (one) => heard.push(one)), latest.ask(question, (one) => heard.push(one))];
  answers[1]?.('second');
  answers[0]?.('first');
  await Promise.all(both);
  expect(heard).toEqual(['second']);
  expect(signals.map((signal) => signal.aborted)).toEqual([true, false]);
});

test('what failed of an older question is not told', async () => {
  const latest = latestOnly();
  const fails: string[] = [];
  const old = latest.ask(
    () => Promise.reject(new Error('old')),
    () => undefined,
    () => fails.push('old'),
  );
  latest.drop();
  await old;
  expect(fails).toEqual([]);
});

test('an answer belongs to its question: none is shown for another', async () => {
  const question = (key: string) => () =>
    api
      .GET('/gate-api/floor' as never, { params: { query: { key } } } as never)
      .then((one) => (one as { data: string }).data);
  const { result, rerender } = renderHook(({ key }) => useAsked(key, question(key)), { initialProps: { key: 'a' } });
  await asked[0]?.answer({ of: 'a' });
  expect(result.current.answer).toEqual({ of: 'a' });
  rerender({ key: 'b' });
  expect(result.current.answer).toBeNull();
  rerender({ key: 'c' });
  await asked[2]?.answer({ of: 'c' });
  await asked[1]?.answer({ of: 'b' });
  expect(result.current.answer).toEqual({ of: 'c' });
});

const TIMES = {
  service: 'one',
  staff: null,
  party: 1,
  minutes: null,
  location: null,
  from: '2027-03-01',
  today: '2027-03-01',
};
const START = { at: '2027-03-01T10:00Z', staff: ['ana'], part: 'morning', minute: 600 };
const gate = () => {
  const page = { business: { slug: 'mill' }, services: [], codes: false };
  const times = { ...TIMES, days: [{ date: '2027-03-01', starts: [START] }], name: 'first' };
  return renderHook(() => useGate(page as never, times as never, { name: 'first' } as never, null));
};
const ofService = (service: string, path: RegExp) =>
  asked.find((one) => path.test(one.path) && one.query['service'] === service);

test('the times and the price of the service chosen last are shown, whichever answer comes last', async () => {
  const { result } = gate();
  act(() => result.current.chooseService('two'));
  act(() => result.current.chooseService('three'));
  await ofService('three', /open-times/)?.answer({ ...TIMES, service: 'three', days: [] });
  await ofService('three', /quote/)?.answer({ name: 'three' });
  await ofService('two', /open-times/)?.answer({ ...TIMES, service: 'two', days: [] });
  await ofService('two', /quote/)?.answer({ name: 'two' });
  expect(result.current.times.service).toBe('three');
  expect(result.current.quote).toEqual({ name: 'three' });
  expect(result.current.loading).toBe(false);
});

test('the price of the hour picked last is shown, and none of an hour once something else is chosen', async () => {
  const { result } = gate();
  act(() => result.current.pick(START as never));
  act(() => result.current.pick({ ...START, at: '2027-03-01T11:00Z' } as never));
  await asked[1]?.answer({ name: 'eleven' });
  await asked[0]?.answer({ name: 'ten' });
  expect(result.current.quote).toEqual({ name: 'eleven' });
  act(() => result.current.pick(START as never));
  act(() => result.current.chooseService('two'));
  await asked[2]?.answer({ name: 'ten again' });
  expect(result.current.quote).toEqual({ name: 'eleven' });
});

test('no time is picked or kept while others are on their way', async () => {
  const { result } = gate();
  act(() => result.current.pick(START as never));
  act(() => result.current.goTo('2027-04-01'));
  act(() => result.current.pick({ ...START, at: '2027-03-01T11:00Z' } as never));
  act(() => result.current.keep());
  expect(result.current.start?.at).toBe(START.at);
  expect(asked.filter((one) => one.path.endsWith('/holds'))).toEqual([]);
});

test('what a booking was before it was changed does not come back', async () => {
  vi.useFakeTimers();
  const held = { id: 'b1', query: 'until=1&seal=x', state: 'held', business: { slug: 'mill' } };
  const { result } = renderHook(() => useBooking(held as never));
  await act(() => vi.advanceTimersByTimeAsync(500));
  act(() => result.current.cancel(held as never, false, 'seen'));
  await asked[1]?.answer({ ...held, state: 'cancelled' });
  await asked[0]?.answer(held);
  vi.useRealTimers();
  expect(result.current.booking.state).toBe('cancelled');
});

import { act, cleanup, renderHook, screen } from '@testing-library/react';
import { afterEach, beforeEach, expect, test, vi } from 'vitest';
import { useDesk } from '../../resources/js/board/useDesk';
import { useMoving } from '../../resources/js/board/useMoving';
import { asking, inWorkspace, latest, queriesOf, type Asked } from './asking';

let asked: Asked[];
let booked: string[];

beforeEach(() => {
  [asked, booked] = [asking(), []];
});
afterEach(() => {
  cleanup();
  vi.restoreAllMocks();
  window.history.replaceState(null, '', '/');
});

const settle = (wait = 10) => act(() => new Promise((drawn) => setTimeout(drawn, wait)));
/** However slow the machine: the sentence asks once somebody has stopped typing for a moment. */
const until = async (does: () => boolean) => {
  for (let i = 0; i < 200 && !does(); i += 1) {
    await settle(20);
  }
};
const times = () => latest(asked, 'desk-times');
const FITS = { date: '2027-03-01', named: { offered: true, starts: [] }, starts: [] };

const desk = async () => {
  const wrapper = inWorkspace(queriesOf());
  const { result } = renderHook(() => useDesk('mill', '2027-03-01', (id) => booked.push(id)), { wrapper });
  await settle();
  act(() => result.current.begin({ service: 'lesson', who: { id: null, name: 'Rosa', email: '', phone: '' } }));
  await until(() => times() !== undefined);
  return result;
};

test('what fits is of what the sentence says now, whichever answer comes last', async () => {
  const result = await desk();
  const first = times();
  act(() => result.current.set({ party: 2 }));
  await until(() => times() !== first);
  const second = times();
  expect(second).not.toBe(first);
  await second?.answer({ ...FITS, named: { ...FITS.named, of: 'two' } });
  await first?.answer({ ...FITS, named: { ...FITS.named, of: 'one' } });
  await until(() => result.current.named !== null);
  expect(result.current.named).toMatchObject({ of: 'two' });
  act(() => result.current.set({ party: 3 }));
  expect(result.current.named).toBeNull(); // not answered yet, and what is booked is what it says
});

test('what is refused stays with what is wrong by its field, until something else is typed', async () => {
  const result = await desk();
  const { draft } = result.current;
  expect(draft).not.toBeNull();
  act(() => void (draft !== null && result.current.book(draft, '2027-03-01T10:00Z')));
  expect(result.current.busy).toBe(true);
  expect(latest(asked, '/bookings')?.body).toMatchObject({
    name: 'Rosa',
    service: 'lesson',
    start: '2027-03-01T10:00Z',
  });
  await latest(asked, '/bookings')?.refuse({ code: 'invalid', message: 'No.', fields: { email: 'No address.' } }, 422);
  await settle();
  expect(result.current.wrong).toEqual({ email: 'No address.' });
  expect(result.current.draft?.who.name).toBe('Rosa');
  expect(booked).toEqual([]);
  act(() => result.current.set({ note: 'Late' }));
  expect(result.current.wrong).toEqual({});
});

test('on a dead line nothing is booked and nothing is lost; then it is, and the sentence is done', async () => {
  const result = await desk();
  const book = () =>
    act(() => void (result.current.draft && result.current.book(result.current.draft, '2027-03-01T10:00Z')));
  book();
  await latest(asked, '/bookings')?.lose();
  await settle();
  expect(result.current.trouble).not.toBeNull();
  expect(result.current.draft?.service).toBe('lesson');
  book();
  await latest(asked, '/bookings')?.answer({ id: 'b1' });
  await settle();
  expect(booked).toEqual(['b1']);
  expect(result.current.draft).toBeNull();
});

const HOUR = 3_600_000;
const at = (hour: number) => Date.parse('2027-03-01T00:00Z') + hour * HOUR;
const spot = (hour: number, lane = 'ana') => ({ lane, start: at(hour), length: HOUR });
const TAG = { id: 'b1', start: '2027-03-01T10:00Z', staff: ['ana'], client: 'Rosa' };
const CARD = { id: 'b1', version: 'v2', client: { name: 'Rosa' }, service: 'Lesson', start: '2027-03-01T12:00Z' };

const moving = async (settledAt = spot(12)) => {
  let left = 0;
  const wrapper = inWorkspace(queriesOf());
  const lifted = { tag: TAG, from: spot(10) };
  const { result, rerender } = renderHook(
    ({ settled }) =>
      useMoving({
        business: 'mill',
        zone: 'UTC',
        by: 'people',
        lifted: lifted as never,
        settled: settled as never,
        dropped: null,
        double: false,
        onLeave: () => (left += 1),
      }),
    { wrapper, initialProps: { settled: settledAt } },
  );
  await settle();
  return { result, rerender, left: () => left };
};

test('a tag is told of where it hangs, and of no place that it has left', async () => {
  const { result, rerender } = await moving();
  const first = asked.at(-1);
  rerender({ settled: spot(13) });
  await settle();
  const second = asked.at(-1);
  expect([first?.body['start'], second?.body['start']]).toEqual(['2027-03-01T12:00Z', '2027-03-01T13:00Z']);
  await second?.answer({ fits: true, of: 'one o’clock', later: [] });
  await first?.answer({ fits: true, of: 'noon', later: [] });
  await settle();
  expect(result.current.tried).toMatchObject({ of: 'one o’clock' });
});

test('it is moved with where it was seen; what stands in its way is said, and it still hangs there', async () => {
  const { result, left } = await moving();
  act(() => void result.current.move());
  expect(latest(asked, '/move')?.body).toMatchObject({ start: '2027-03-01T12:00Z', was: TAG.start, told: true });
  await asked
    .findLast((one) => one.path.endsWith('/move'))
    ?.refuse({ code: 'taken', message: 'Bo has just taken it.' });
  await settle();
  expect(result.current.trouble).toBe('Bo has just taken it.');
  expect(left()).toBe(0);
  expect(result.current.busy).toBe(false);
});

test('what is moved can be put back as it was seen, once; where that fails, it is said', async () => {
  const { result, left } = await moving();
  act(() => void result.current.move());
  await asked.findLast((one) => one.path.endsWith('/move'))?.answer(CARD);
  await settle();
  expect(left()).toBe(1);
  await act(async () => screen.getByRole('button', { name: 'Undo' }).click());
  const back = asked.findLast((one) => one.path.endsWith('/move'));
  expect(back?.body).toMatchObject({ start: TAG.start, staff: ['ana'], minutes: 60 });
  await back?.lose();
  await settle();
  expect(screen.getByRole('status').textContent).not.toContain('Moved');
});

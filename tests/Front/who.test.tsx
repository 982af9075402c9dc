import { QueryClient, QueryClientProvider } from '@tanstack/react-query';
import { act, cleanup, fireEvent, render, screen } from '@testing-library/react';
import { afterEach, beforeEach, expect, test, vi } from 'vitest';
import { WhoPart } from '../../resources/js/guests/WhoPart';
import { NOBODY } from '../../resources/js/guests/who';
import { api } from '../../resources/js/lib/api';

type Asked = { text: string; answer: (names: string[]) => Promise<void> };
let asked: Asked[];
let chosen: { id: string | null; name: string }[];

beforeEach(() => {
  vi.useFakeTimers({ shouldAdvanceTime: true });
  globalThis.ResizeObserver ??= class {
    observe() {}
    unobserve() {}
    disconnect() {}
  };
  [asked, chosen] = [[], []];
  vi.spyOn(api, 'GET').mockImplementation(
    ((_: string, { params }: { params: { query: { text: string } } }) =>
      new Promise((resolve) => {
        const rows = (names: string[]) =>
          names.map((name) => ({ id: name.toLowerCase(), name, email: '', phone: '', rates: [] }));
        const answer = (names: string[]) =>
          act(async () => {
            resolve({ data: { clients: rows(names) }, response: new Response() });
            await vi.advanceTimersByTimeAsync(20);
          });
        asked.push({ text: params.query.text, answer });
      })) as never,
  );
  render(
    <QueryClientProvider client={new QueryClient()}>
      <WhoPart business="mill" id="desk" label="Who comes" who={NOBODY} wrong={{}} onWho={(who) => chosen.push(who)} />
    </QueryClientProvider>,
  );
});
afterEach(() => {
  cleanup();
  vi.restoreAllMocks();
  vi.useRealTimers();
});

const field = () => screen.getByRole('combobox');
const type = async (text: string, wait = 200) => {
  fireEvent.change(field(), { target: { value: text } });
  await act(() => vi.advanceTimersByTimeAsync(wait));
};
const enter = () => fireEvent.keyDown(field(), { key: 'Enter' });

test('a quick Enter waits for the answer to what is typed, and takes its first line', async () => {
  await type('Ro');
  await asked[0]?.answer(['Rosa']);
  await type('Pi', 0);
  enter();
  expect(chosen).toEqual([]);
  await act(() => vi.advanceTimersByTimeAsync(200));
  await asked[1]?.answer(['Pia']);
  expect(chosen.map((one) => one.id)).toEqual(['pia']);
});

test('a quick Enter takes somebody new only where nobody is found', async () => {
  await type('Zoe', 0);
  enter();
  await act(() => vi.advanceTimersByTimeAsync(200));
  expect(chosen).toEqual([]);
  await asked[0]?.answer([]);
  expect(chosen).toEqual([{ id: null, name: 'Zoe', email: '', phone: '' }]);
});

test('what is typed after the Enter takes it back', async () => {
  await type('Ro', 0);
  enter();
  await type('Pi');
  await asked.at(-1)?.answer(['Pia']);
  expect(chosen).toEqual([]);
});

import { QueryClientProvider } from '@tanstack/react-query';
import { act, cleanup, fireEvent, render, renderHook, screen, waitFor } from '@testing-library/react';
import type { ReactNode } from 'react';
import { createMemoryRouter, RouterProvider } from 'react-router';
import { afterEach, beforeEach, expect, test, vi } from 'vitest';
import { newQueryClient } from '../../resources/js/lib/queryClient';
import { api } from '../../resources/js/lib/api';
import { Ordered } from '../../resources/js/setup/Ordered';
import { useOrder } from '../../resources/js/setup/useOrder';
import { NoticeBoard, NoticeLine } from '../../resources/js/ui/Notices';

const ROWS = [
  { id: 'd-early', name: 'Early' },
  { id: 'd-noon', name: 'Around noon' },
  { id: 'd-late', name: 'Late' },
];
const ids = ROWS.map((row) => row.id);

/** The saves that were sent, each answered when the test says so. */
const sent: { ids: string[]; answer: (status: number) => void }[] = [];

beforeEach(() => {
  const content = { kind: 'order', id: 'dayparts', version: 'v', content: { ids }, history: [] };
  vi.spyOn(api, 'GET').mockResolvedValue({ data: content, response: new Response() } as never);
  vi.spyOn(api, 'POST').mockImplementation(
    ((_: string, { body }: { body: { drafts: { content: object }[] } }) =>
      new Promise((resolve) => {
        sent.push({
          ids: (body.drafts[0]?.content as { ids: string[] }).ids,
          answer: (status) =>
            resolve(
              status === 200
                ? { data: { ids: [], versions: [], change: null, slug: 'mill' }, response: new Response() }
                : {
                    error: { code: 'stale', message: 'Somebody was faster.' },
                    response: new Response(null, { status }),
                  },
            ),
        });
      })) as never,
  );
});
afterEach(() => {
  cleanup();
  vi.restoreAllMocks();
  sent.length = 0;
});

function around({ children }: { children: ReactNode }) {
  const screen = (
    <NoticeBoard>
      <NoticeLine />
      {children}
    </NoticeBoard>
  );
  return (
    <QueryClientProvider client={newQueryClient()}>
      <RouterProvider
        router={createMemoryRouter([{ path: '/at/:business', element: screen }], { initialEntries: ['/at/mill'] })}
      />
    </QueryClientProvider>
  );
}

test('two moves at once are shown together and saved one after the other', async () => {
  const { result } = renderHook(() => useOrder('dayparts', ids), { wrapper: around });
  const shown = () => result.current.sorted(ROWS).map((row) => row.id);
  act(() => result.current.move('d-early', 'd-noon'));
  await waitFor(() => expect(shown()).toEqual(['d-noon', 'd-early', 'd-late']));
  act(() => result.current.move('d-early', 'd-late'));
  await waitFor(() => expect(shown()).toEqual(['d-noon', 'd-late', 'd-early']));
  await waitFor(() => expect(sent).toHaveLength(1));

  act(() => sent[0]?.answer(200));
  await waitFor(() => expect(sent).toHaveLength(2));
  expect(shown()).toEqual(['d-noon', 'd-late', 'd-early']);
  expect(sent[1]?.ids).toEqual(['d-noon', 'd-late', 'd-early']);
});

test('a move that is refused is taken back, and said', async () => {
  const { result } = renderHook(() => useOrder('dayparts', ids), { wrapper: around });
  act(() => result.current.move('d-late', 'd-early'));
  await waitFor(() => expect(sent).toHaveLength(1));
  expect(sent[0]?.ids).toEqual(['d-late', 'd-early', 'd-noon']);
  act(() => sent[0]?.answer(409));
  await screen.findByText('Somebody was faster.');
  expect(result.current.sorted(ROWS)).toEqual(ROWS);
});

test('arrow keys move a row by one place, and stop at the ends', () => {
  const moves: string[][] = [];
  render(
    <Ordered rows={ROWS} mayChange onMove={(id, other) => moves.push([id, other])}>
      {(row, handle) => (
        <>
          {handle}
          {row.name}
        </>
      )}
    </Ordered>,
  );
  const late = screen.getByRole('button', { name: 'Place of Late: 3 of 3' });
  fireEvent.keyDown(late, { key: 'ArrowDown' });
  expect(moves).toEqual([]);
  fireEvent.keyDown(late, { key: 'ArrowUp' });
  fireEvent.keyDown(screen.getByRole('button', { name: 'Place of Early: 1 of 3' }), { key: 'ArrowDown' });
  expect(moves).toEqual([
    ['d-late', 'd-noon'],
    ['d-early', 'd-noon'],
  ]);
});

test('who may not change the order gets no handle', () => {
  render(
    <Ordered rows={ROWS} mayChange={false} onMove={() => expect.fail('nothing moves')}>
      {(row, handle) => (
        <>
          {handle}
          {row.name}
        </>
      )}
    </Ordered>,
  );
  expect(screen.queryAllByRole('button')).toEqual([]);
});

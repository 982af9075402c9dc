import { onlineManager, useQuery } from '@tanstack/react-query';
import { act, cleanup, renderHook } from '@testing-library/react';
import { afterEach, beforeEach, expect, test, vi } from 'vitest';
import { usePresses } from '../../resources/js/board/usePresses';
import { card as cardQuery } from '../../resources/js/lib/queries';
import { newQueryClient } from '../../resources/js/lib/queryClient';
import { asking, inWorkspace, latest, type Asked } from './asking';

let asked: Asked[];

beforeEach(() => {
  asked = asking();
});
afterEach(() => {
  cleanup();
  vi.restoreAllMocks();
  localStorage.clear();
  onlineManager.setOnline(true);
  window.history.replaceState(null, '', '/');
});

const settle = () => act(() => new Promise((drawn) => setTimeout(drawn, 10)));

test('the line may die right after the answer: the next press is kept for later, not waited for', async () => {
  const wrapper = inWorkspace(newQueryClient());
  const { result } = renderHook(() => ({ presses: usePresses('mill'), card: useQuery(cardQuery('mill', 'b1')) }), {
    wrapper,
  });
  await settle();
  await latest(asked, '/bookings/')?.answer({ id: 'b1', state: 'confirmed' });
  await act(async () => void result.current.presses.press('b1', 'arrived', false));
  expect(result.current.presses.busy).toBe(true);
  await latest(asked, '/course')?.answer({ id: 'b1', state: 'arrived' });
  onlineManager.setOnline(false);
  await latest(asked, '/bookings/')?.lose(); // the card, asked for again
  await settle();
  expect(result.current.presses.busy).toBe(false);
  await act(async () => void result.current.presses.press('b1', 'started', false));
  await latest(asked, '/course')?.lose();
  await settle();
  expect(result.current.presses).toMatchObject({ busy: false, kept: 1 });
});

test('what is asked without a line is answered so, and asked again when there is one', async () => {
  onlineManager.setOnline(false);
  const wrapper = inWorkspace(newQueryClient());
  const { result } = renderHook(
    () => {
      const { data, isError } = useQuery(cardQuery('mill', 'b1'));
      return { data, isError };
    },
    { wrapper },
  );
  await settle();
  await latest(asked, '/bookings/')?.lose();
  await settle();
  expect(result.current.isError).toBe(true);
  onlineManager.setOnline(true);
  await settle();
  await latest(asked, '/bookings/')?.answer({ id: 'b1', state: 'confirmed' });
  await settle();
  expect(result.current.data?.id).toBe('b1');
});

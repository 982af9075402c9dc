import { QueryClient, QueryClientProvider } from '@tanstack/react-query';
import { act, renderHook } from '@testing-library/react';
import type { ReactNode } from 'react';
import { MemoryRouter } from 'react-router';
import { expect, test } from 'vitest';
import { useDrawn } from '../../resources/js/board/useDrawn';
import { useOpened } from '../../resources/js/ui/useOpened';

test('an act that ends late closes its own form, not the one that was opened meanwhile', () => {
  const { result } = renderHook(() => useOpened<string>());
  act(() => result.current.show('refund'));
  act(() => result.current.show('discount'));
  act(() => result.current.close('refund'));
  expect(result.current.open).toBe('discount');
  act(() => result.current.close('discount'));
  expect(result.current.open).toBeNull();
});

test('a stretch that is saved leaves open the time off that was pressed while it was', () => {
  const around = ({ children }: { children: ReactNode }) => (
    <QueryClientProvider client={new QueryClient({ defaultOptions: { queries: { enabled: false } } })}>
      <MemoryRouter>{children}</MemoryRouter>
    </QueryClientProvider>
  );
  const { result } = renderHook(() => useDrawn('Europe/Lisbon', () => undefined), { wrapper: around });
  act(() => result.current.stroke('maud', '2027-02-17T10:00:00Z', '2027-02-17T11:30:00Z'));
  expect(result.current.drawn).toEqual({ staff: ['maud'], from: '10:00', to: '11:30' });
  const { slip, leave } = result.current;
  act(() => result.current.showOff('maud', '2027-02-17T10:00:00Z'));
  act(() => leave(slip));
  expect(result.current.off).toEqual({ staff: 'maud', from: '2027-02-17T10:00:00Z' });
  expect(result.current.drawn).toBeNull();
  act(() => result.current.leave(result.current.slip));
  expect(result.current.off).toBeNull();
});

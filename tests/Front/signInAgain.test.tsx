import { QueryClient, QueryClientProvider, QueryObserver } from '@tanstack/react-query';
import { act, cleanup, fireEvent, render, screen } from '@testing-library/react';
import { afterEach, expect, test, vi } from 'vitest';
import { SignInAgain } from '../../resources/js/accounts/SignInAgain';
import { api } from '../../resources/js/lib/api';
import { me } from '../../resources/js/lib/queries';

afterEach(() => {
  cleanup();
  vi.restoreAllMocks();
});

test('who signs in again stays so, whatever was asked before is answered', async () => {
  const queries = new QueryClient({ defaultOptions: { queries: { retry: false } } });
  const asked: ((who: object) => void)[] = [];
  const stop = new QueryObserver(queries, {
    queryKey: me.queryKey,
    queryFn: () => new Promise<object>((resolve) => asked.push(resolve)),
  }).subscribe(() => undefined);
  await act(async () => asked[0]?.({ user: null }));
  void queries.refetchQueries({ queryKey: me.queryKey });
  const signedIn = { user: { email: 'ana@mill.example' }, businesses: [] };
  let answer: (given: object) => void = () => undefined;
  vi.spyOn(api, 'POST').mockImplementation((() => new Promise((resolve) => (answer = resolve))) as never);
  render(
    <QueryClientProvider client={queries}>
      <SignInAgain email="ana@mill.example" />
    </QueryClientProvider>,
  );
  fireEvent.submit(document.querySelector('.again form') ?? screen.getByRole('dialog'));
  await act(async () => undefined);
  await act(async () => answer({ data: signedIn, response: new Response() }));
  await act(async () => asked[1]?.({ user: null })); // as it was when it was asked
  expect(queries.getQueryData(me.queryKey)).toEqual(signedIn);
  stop();
});

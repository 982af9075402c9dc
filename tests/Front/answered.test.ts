import { QueryClient, QueryObserver } from '@tanstack/react-query';
import { expect, test } from 'vitest';
import { answered } from '../../resources/js/lib/answered';

test('what was asked for before an act does not overwrite what the act has answered', async () => {
  const queries = new QueryClient();
  const asked: ((card: string) => void)[] = [];
  const stop = new QueryObserver(queries, {
    queryKey: ['card', 'mill', 'a'],
    queryFn: () => new Promise<string>((resolve) => asked.push(resolve)),
  }).subscribe(() => undefined);
  asked[0]?.('booked');
  await new Promise((later) => setTimeout(later, 0));
  void queries.refetchQueries({ queryKey: ['card'] });
  await new Promise((later) => setTimeout(later, 0));
  await answered(queries, ['card', 'mill', 'a'], 'moved');
  asked[1]?.('booked'); // as it was when it was asked for
  await new Promise((later) => setTimeout(later, 0));
  expect(queries.getQueryData(['card', 'mill', 'a'])).toBe('moved');
  stop();
});

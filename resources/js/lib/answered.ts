import type { QueryClient, QueryKey } from '@tanstack/react-query';

/** What an act has answered is shown at once, and never overwritten by what was asked for before it was done. */
export async function answered(queries: QueryClient, key: QueryKey, answer: unknown): Promise<void> {
  await queries.cancelQueries({ queryKey: key });
  queries.setQueryData(key, answer);
}

import type { QueryClient } from '@tanstack/react-query';
import type { Schemas } from '../lib/api';

/** Progress shows at the press: the Boards that are kept are told before the server answers, and asked anew after. */
export function showProgressAtOnce(queries: QueryClient, business: string, id: string, state: string): void {
  queries.setQueriesData<unknown>({ queryKey: ['board', business] }, (kept: unknown) =>
    isBoard(kept) ? { ...kept, tags: kept.tags.map((tag) => withState(tag, id, state)) } : kept,
  );
}

const isBoard = (kept: unknown): kept is Schemas['Board'] =>
  typeof kept === 'object' && kept !== null && 'tags' in kept && 'lanes' in kept;

const withState = (tag: Schemas['Tag'], id: string, state: string): Schemas['Tag'] => ({
  ...tag,
  state: tag.id === id && tag.places === null ? state : tag.state,
  people: tag.people.map((one) => (one.booking === id ? { ...one, state } : one)),
});

import { useQueryClient } from '@tanstack/react-query';
import { answered } from '../lib/answered';
import type { Schemas } from '../lib/api';
import { card as cardQuery } from '../lib/queries';
import { useAct } from './useAct';

/** Does something to a booking: what it has become is shown at once, also where its money is. */
export function useCardAct(business: string, id: string) {
  const queries = useQueryClient();
  const fresh = (...keys: readonly string[]) =>
    keys.forEach((key) => void queries.invalidateQueries({ queryKey: [key, business] }));
  return useAct<Schemas['Card']>(
    async (card) => {
      await answered(queries, cardQuery(business, id).queryKey, card);
      fresh('board', 'sale', 'sales');
    },
    () => fresh('card', 'board'),
  );
}

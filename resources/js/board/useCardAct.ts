import { useQueryClient } from '@tanstack/react-query';
import { answered } from '../lib/answered';
import type { Schemas } from '../lib/api';
import { card as cardQuery } from '../lib/queries';
import { outdated } from '../lib/outdated';
import { useAct } from './useAct';

/** Does something to a booking: what it has become is shown at once, also where its money is. */
export function useCardAct(business: string, id: string) {
  const queries = useQueryClient();
  const fresh = () => void outdated(queries, 'booking', business);
  return useAct<Schemas['Card']>(async (card) => {
    await answered(queries, cardQuery(business, id).queryKey, card);
    fresh();
  }, fresh);
}

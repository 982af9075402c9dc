import { useQuery, useQueryClient } from '@tanstack/react-query';
import { api, asSeen, type Schemas } from '../lib/api';
import { moneyEffect, type GivingUp } from '../lib/queries';
import { useCardAct } from './useCardAct';

type Words = { why?: string; waived?: string };

/**
 * Gives a booking up, or takes that back: what it does to the money is asked first and sent with the act, which is
 * refused where it would be something else by then. What is typed beside it (words) is not asked about.
 */
export function useGivingUp(business: string, card: Schemas['Card'], asked: GivingUp, words: Words = {}) {
  const { id } = card;
  const queries = useQueryClient();
  const { data: effect, error, isFetching } = useQuery(moneyEffect(business, id, asked));
  const { busy, trouble, act } = useCardAct(business, id);
  const send = { params: { path: { business, id } }, ...asSeen(card) };
  const seen = effect?.seen ?? null;
  const post = () => {
    switch (asked.act) {
      case 'cancel':
        return api.POST('/api/businesses/{business}/bookings/{id}/cancel', {
          ...send,
          body: { ...asked.body, ...words, seen },
        });
      case 'missed':
        return api.POST('/api/businesses/{business}/bookings/{id}/missed', {
          ...send,
          body: { ...asked.body, ...words, seen },
        });
      case 'restored':
        return api.POST('/api/businesses/{business}/bookings/{id}/restored', {
          ...send,
          body: { ...asked.body, ...words, seen },
        });
    }
  };
  return {
    effect,
    isReady: effect !== undefined && !isFetching && !busy,
    trouble: trouble ?? error?.message ?? null,
    /** @returns what it has become; null where it was not done */
    press: async () => {
      const done = await act(post());
      if (done === null) {
        await queries.invalidateQueries({ queryKey: ['card', business, id] }); // what it would do to the money, too
      }
      return done;
    },
  };
}

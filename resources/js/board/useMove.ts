import { useQuery, useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { api, asSeen, refusalOf, unwrap, type Refusal, type Schemas } from '../lib/api';
import { card as cardQuery, moveTried } from '../lib/queries';

type Where = { start: string; staff: string[] };

/** Moves a booking, and puts it back where it was. */
export function useMove(business: string, card: Schemas['Card']) {
  const queries = useQueryClient();
  const [before, setBefore] = useState<Where | null>(null);
  const [refusal, setRefusal] = useState<Refusal | null>(null);
  const [busy, setBusy] = useState(false);
  /** What did not fit: asked again for what stands in the way. */
  const [failed, setFailed] = useState<Schemas['MoveAsk'] | null>(null);
  const { data: tried, isPlaceholderData } = useQuery({
    ...moveTried(business, card.id, failed ?? {}),
    enabled: failed !== null,
  });
  /** @returns whether it was done */
  const move = async (body: Schemas['MoveAsk']): Promise<boolean> => {
    const was = { start: card.start, staff: card.staff.map(({ id }) => id) };
    setBusy(true);
    setRefusal(null);
    setFailed(null);
    try {
      const sending = api.POST('/api/businesses/{business}/bookings/{id}/move', {
        params: { path: { business, id: card.id } },
        ...asSeen(card),
        body,
      });
      queries.setQueryData(cardQuery(business, card.id).queryKey, await unwrap(sending));
      setBefore(was);
      await queries.invalidateQueries({ queryKey: ['board', business] });
      return true;
    } catch (wrong) {
      setRefusal(refusalOf(wrong));
      setFailed({ ...body, told: false });
      return false;
    } finally {
      setBusy(false);
    }
  };
  return {
    before,
    busy,
    move,
    trouble: refusal?.message ?? null,
    near: refusal?.near ?? [],
    rows: failed === null || isPlaceholderData ? [] : (tried?.rows ?? []),
    failed,
  };
}

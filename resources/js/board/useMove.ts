import { useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { answered } from '../lib/answered';
import { api, asSeen, refusalOf, unwrap, type Schemas } from '../lib/api';
import { card as cardQuery } from '../lib/queries';
import { outdated } from '../lib/outdated';

/** Moves a booking, and puts it back where it was, its later ones too. */
export function useMove(business: string, card: Schemas['Card']) {
  const queries = useQueryClient();
  const [back, setBack] = useState<Schemas['MoveAsk'] | null>(null);
  const [trouble, setTrouble] = useState<string | null>(null);
  const [busy, setBusy] = useState(false);
  /**
   * @param undo what puts the later ones back
   * @returns whether it was done
   */
  const move = async (body: Schemas['MoveAsk'], undo: Schemas['MoveAsk'] = {}): Promise<boolean> => {
    const was = { ...undo, start: card.start, staff: card.staff.map(({ id }) => id) };
    setBusy(true);
    setTrouble(null);
    try {
      const sending = api.POST('/api/businesses/{business}/bookings/{id}/move', {
        params: { path: { business, id: card.id } },
        ...asSeen(card),
        body,
      });
      await answered(queries, cardQuery(business, card.id).queryKey, await unwrap(sending));
      setBack(was);
      return true;
    } catch (wrong) {
      setTrouble(refusalOf(wrong).message);
      return false;
    } finally {
      setBusy(false);
      await outdated(queries, 'booking', business);
    }
  };
  return { back, busy, move, trouble, forget: () => setTrouble(null) };
}

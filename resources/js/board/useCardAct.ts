import { useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { refusalOf, unwrap, type Schemas } from '../lib/api';
import { card as cardQuery } from '../lib/queries';

type Answer = Parameters<typeof unwrap<Schemas['Card']>>[0];

/** Does something to a booking: what it has become is shown at once, also where its money is. */
export function useCardAct(business: string, id: string) {
  const queries = useQueryClient();
  const [trouble, setTrouble] = useState<string | null>(null);
  const [busy, setBusy] = useState(false);
  /** Whether it was done. */
  const act = async (asked: Answer) => {
    setBusy(true);
    setTrouble(null);
    try {
      queries.setQueryData(cardQuery(business, id).queryKey, await unwrap(asked));
      ['board', 'sale', 'sales'].forEach((key) => void queries.invalidateQueries({ queryKey: [key, business] }));
      return true;
    } catch (wrong) {
      setTrouble(refusalOf(wrong).message);
      void queries.invalidateQueries({ queryKey: ['card', business] });
      return false;
    } finally {
      setBusy(false);
    }
  };
  return { busy, trouble, act };
}

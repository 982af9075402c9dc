import { useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { api, refusalOf, unwrap } from '../lib/api';
import { card as cardQuery } from '../lib/queries';
import { Button } from '../ui/Button';
import { Wrong } from '../ui/Wrong';
import * as say from '@words/board';

/** Whoever did not come: what it costs goes by the terms. */
export function Miss({ business, id }: { business: string; id: string }) {
  const queries = useQueryClient();
  const [trouble, setTrouble] = useState<string | null>(null);
  const miss = async () => {
    try {
      const sending = api.POST('/api/businesses/{business}/bookings/{id}/missed', {
        params: { path: { business, id } },
      });
      queries.setQueryData(cardQuery(business, id).queryKey, await unwrap(sending));
      await Promise.all(
        ['board', 'sale', 'sales'].map((key) => queries.invalidateQueries({ queryKey: [key, business] })),
      );
    } catch (wrong) {
      setTrouble(refusalOf(wrong).message);
    }
  };
  return (
    <>
      <Button id="did-not-come" small className="justify-self-start" onClick={() => void miss()}>
        {say.didNotCome}
      </Button>
      {trouble !== null && (
        <Wrong as="p" role="alert">
          {trouble}
        </Wrong>
      )}
    </>
  );
}

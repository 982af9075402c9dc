import { useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { api, refusalOf, unwrap } from '../lib/api';
import { card as cardQuery } from '../lib/queries';
import { Button } from '../ui/Button';
import { Check } from '../ui/Check';
import { inputLook } from '../ui/inputLook';
import { noticeLook } from '../ui/Notice';
import { Wrong } from '../ui/Wrong';
import * as say from '@words/board';

/** Cancels a booking; of a repeat, all later ones with it where that is ticked. */
export function Cancel({ business, id, later }: { business: string; id: string; later: number }) {
  const queries = useQueryClient();
  const [asking, setAsking] = useState(false);
  const [all, setAll] = useState(false);
  const [why, setWhy] = useState('');
  const [trouble, setTrouble] = useState<string | null>(null);
  const cancel = async () => {
    try {
      const sending = api.POST('/api/businesses/{business}/bookings/{id}/cancel', {
        params: { path: { business, id } },
        body: { why, later: all },
      });
      queries.setQueryData(cardQuery(business, id).queryKey, await unwrap(sending));
      await queries.invalidateQueries({ queryKey: ['board', business] });
    } catch (wrong) {
      setTrouble(refusalOf(wrong).message);
    }
  };
  if (!asking) {
    return (
      <Button id="cancel-booking" small className="justify-self-start" onClick={() => setAsking(true)}>
        {say.cancelThisBooking}
      </Button>
    );
  }
  return (
    <form
      className={`${noticeLook('trouble')} grid gap-2`}
      onSubmit={(event) => {
        event.preventDefault();
        void cancel();
      }}
    >
      <label htmlFor="why" className="font-semibold">
        {say.wordToClientIf}
      </label>
      <input
        id="why"
        className={inputLook()}
        maxLength={300}
        value={why}
        onChange={(event) => setWhy(event.target.value)}
      />
      {later > 0 && (
        <Check id="cancel-later" checked={all} onChange={setAll}>
          {say.cancelLater({ count: later })}
        </Check>
      )}
      {trouble !== null && <Wrong as="p">{trouble}</Wrong>}
      <p className="flex flex-wrap gap-2">
        <Button type="submit" id="really-cancel" kind="trouble" small>
          {say.cancelAndTellThem}
        </Button>
        <Button small onClick={() => setAsking(false)}>
          {say.leave}
        </Button>
      </p>
    </form>
  );
}

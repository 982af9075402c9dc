import { useState } from 'react';
import { api, type Schemas } from '../lib/api';
import { Alert } from '../ui/Alert';
import { Button } from '../ui/Button';
import { Check } from '../ui/Check';
import { inputLook } from '../ui/inputLook';
import { noticeLook } from '../ui/Notice';
import { useCardAct } from './useCardAct';
import * as say from '@words/board';

/** Cancels a booking; of a repeat all later ones, of a visit all parts with it, where that is ticked. */
export function Cancel({ business, card }: { business: string; card: Schemas['Card'] }) {
  const [asking, setAsking] = useState(false);
  const [later, setLater] = useState(false);
  const [whole, setWhole] = useState(false);
  const [why, setWhy] = useState('');
  const { busy, trouble, act } = useCardAct(business, card.id);
  const cancel = () =>
    void act(
      api.POST('/api/businesses/{business}/bookings/{id}/cancel', {
        params: { path: { business, id: card.id } },
        body: { why, later, whole },
      }),
    );
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
        cancel();
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
      {card.laterOnes > 0 && (
        <Check id="cancel-later" checked={later} onChange={setLater}>
          {say.cancelLater({ count: card.laterOnes })}
        </Check>
      )}
      {card.visit.length > 0 && (
        <Check id="cancel-whole" checked={whole} onChange={setWhole}>
          {say.cancelWhole}
        </Check>
      )}
      <Alert says={trouble} />
      <p className="flex flex-wrap gap-2">
        <Button type="submit" id="really-cancel" kind="trouble" small disabled={busy}>
          {say.cancelAndTellThem}
        </Button>
        <Button small onClick={() => setAsking(false)}>
          {say.leave}
        </Button>
      </p>
    </form>
  );
}

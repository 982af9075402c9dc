import { useState } from 'react';
import type { Schemas } from '../lib/api';
import { Button } from '../ui/Button';
import { Check } from '../ui/Check';
import { Choice } from '../ui/Choice';
import { Field } from '../ui/Field';
import { Effect } from './Effect';
import { useCancelled } from './useCancelled';
import { useGivingUp } from './useGivingUp';
import { Waive } from './Waive';
import * as say from '@words/board';

type Props = { business: string; card: Schemas['Card']; zone: string };

/** Cancels a booking, for the client or for the house. */
export function Cancel({ business, card, zone }: Props) {
  const [asking, setAsking] = useState(false);
  return asking ? (
    <Cancelling business={business} card={card} zone={zone} onLeave={() => setAsking(false)} />
  ) : (
    <Button id="cancel-booking" small className="justify-self-start" onClick={() => setAsking(true)}>
      {say.cancelThisBooking}
    </Button>
  );
}

function Cancelling({ business, card, zone, onLeave }: Props & { onLeave: () => void }) {
  const [asks, setAsks] = useState<Schemas['CancelAsk']['asks']>('client');
  const [later, setLater] = useState(false);
  const [whole, setWhole] = useState(false);
  const [waived, setWaived] = useState<string | null>(null);
  const [told, setTold] = useState(true);
  const [why, setWhy] = useState('');
  const isWaived = asks === 'client' && waived !== null;
  const body = { asks, later, whole, told, waived: isWaived ? say.waiveFee : null };
  const words = { why, ...(isWaived ? { waived } : {}) };
  const giving = useGivingUp(business, card, { act: 'cancel', body }, words);
  const onCancelled = useCancelled(business, zone);
  return (
    <Effect
      id="really-cancel"
      giving={giving}
      does={told ? say.cancelAndTellThem : say.cancelIt}
      onLeave={onLeave}
      onDone={onCancelled}
      besides={
        <>
          <Check id="cancel-told" checked={told} onChange={setTold}>
            {say.tellThem}
          </Check>
          {told && (
            <Field id="why" label={say.wordToClientIf} maxLength={300} wrong={undefined} value={why} onValue={setWhy} />
          )}
        </>
      }
    >
      <p className="font-semibold">{say.cancelWhich({ service: card.service })}</p>
      <Choice
        label={say.whoCancels}
        value={asks}
        options={[
          ['client', say.theyAsk, 'cancel-client'],
          ['house', say.weCancel, 'cancel-house'],
        ]}
        onValue={setAsks}
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
      {asks === 'client' && <Waive cost={giving.effect?.cost ?? 0} waived={waived} onWaived={setWaived} />}
    </Effect>
  );
}

import { useState } from 'react';
import type { Schemas } from '../lib/api';
import { Button } from '../ui/Button';
import { Check } from '../ui/Check';
import { Choice } from '../ui/Choice';
import { Effect } from './Effect';
import { useGivingUp } from './useGivingUp';
import * as say from '@words/board';

type Props = { business: string; card: Schemas['Card'] };

/** A cancelling or a no-show is taken back, with its money. */
export function Restore({ business, card }: Props) {
  const [asking, setAsking] = useState(false);
  const does = card.state === 'cancelled' ? say.takeBackCancelling : say.takeBackNoShow;
  return asking ? (
    <Restoring business={business} card={card} does={does} onLeave={() => setAsking(false)} />
  ) : (
    <Button id="take-back" small className="justify-self-start" onClick={() => setAsking(true)}>
      {does}
    </Button>
  );
}

function Restoring({ business, card, does, onLeave }: Props & { does: string; onLeave: () => void }) {
  const [charge, setCharge] = useState<'pays' | 'back'>('pays');
  const [together, setTogether] = useState(true);
  const isCancelled = card.state === 'cancelled';
  const body = { refundsCharge: charge === 'back', together: isCancelled && together, told: true };
  const giving = useGivingUp(business, card, { act: 'restored', body });
  return (
    <Effect id="really-take-back" giving={giving} does={does} onLeave={onLeave}>
      {isCancelled && card.cancelledTogether > 1 && (
        <Check id="take-back-together" checked={together} onChange={setTogether}>
          {say.takeBackTogether({ count: card.cancelledTogether })}
        </Check>
      )}
      {(giving.effect?.charged ?? 0) > 0 && (
        <Choice
          label={say.whatOfTheCharge}
          value={charge}
          options={[
            ['pays', say.chargePays, 'charge-pays'],
            ['back', say.chargeBack, 'charge-back'],
          ]}
          onValue={setCharge}
        />
      )}
    </Effect>
  );
}

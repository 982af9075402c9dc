import { useState } from 'react';
import type { Schemas } from '../lib/api';
import { Check } from '../ui/Check';
import { Effect } from './Effect';
import { useGivingUp } from './useGivingUp';
import { Waive } from './Waive';
import * as say from '@words/board';

type Props = { business: string; card: Schemas['Card']; onLeave: () => void };

/** They did not come: what that costs them, whether it is waived, and whether they are told. */
export function Missed({ business, card, onLeave }: Props) {
  const [waived, setWaived] = useState<string | null>(null);
  const [told, setTold] = useState(true);
  const body = { waived: waived === null ? null : say.waiveFee, told };
  const giving = useGivingUp(business, card, { act: 'missed', body }, waived === null ? {} : { waived });
  return (
    <Effect
      id="really-missed"
      giving={giving}
      does={say.markNoShow}
      onLeave={onLeave}
      besides={
        card.client !== null &&
        card.client.email !== '' && (
          <Check id="missed-told" checked={told} onChange={setTold}>
            {say.tellThemMoney}
          </Check>
        )
      }
    >
      <p className="font-semibold">{say.didNotCome}</p>
      <Waive cost={giving.effect?.cost ?? 0} waived={waived} onWaived={setWaived} />
    </Effect>
  );
}

import { money } from '../lib/format';
import { Radio } from '../ui/Check';
import type { Booking } from './types';
import * as say from '@words/gate';

type Props = { held: Booking; payNow: boolean; onPayNow: (now: boolean) => void };

/** Now or when one comes, where that is the client's choice. */
export function PayWhen({ held, payNow, onPayNow }: Props) {
  return (
    <div className="flex flex-wrap gap-5" role="radiogroup" aria-label={say.whenDoPay}>
      <Radio tall name="pay" checked={!payNow} onChange={() => onPayNow(false)}>
        {say.iPayWhenI}
      </Radio>
      <Radio tall name="pay" id="pay-now" checked={payNow} onChange={() => onPayNow(true)}>
        {say.iPayNowBy({ amount: money(held.total, held.currency) })}
      </Radio>
    </div>
  );
}

import { Button } from '../ui/Button';
import { Notice } from '../ui/Notice';
import { money } from '../lib/format';
import type { Booking } from './types';
import * as say from '@words/gate';

type Props = {
  booking: Booking;
  costs: number;
  busy: boolean;
  onCancel: () => void;
  onLeave: () => void;
};

/** What cancelling costs is said before it is done. */
export function Cancelling({ booking, costs, busy, onCancel, onLeave }: Props) {
  const isPaid = booking.amounts.paid > 0;
  return (
    <Notice as="div" tone="trouble" className="grid gap-3">
      <p>
        {costs > 0
          ? say.cancelLate({ amount: money(costs, booking.currency), paid: isPaid ? 'yes' : 'no' })
          : isPaid
            ? say.cancelEverythingPaidGoes
            : say.cancelCostsNothingAnd}
      </p>
      <p className="flex flex-wrap gap-3">
        <Button id="really-cancel" kind="trouble" disabled={busy} onClick={onCancel}>
          {say.yesCancel}
        </Button>
        <Button onClick={onLeave}>{say.noIAmComing}</Button>
      </p>
    </Notice>
  );
}

import { useState } from 'react';
import { Button } from '../ui/Button';
import { api, refusalOf, unwrap } from '../lib/api';
import { Trouble } from '../ui/Trouble';
import type { Booking } from './types';
import { mailedOf, sealed } from './sealed';
import * as say from '@words/gate';

/** Whoever came by the link in the mail says yes here; whoever did not is waited for. */
export function Proof({ booking, onBooked }: { booking: Booking; onBooked: (booked: Booking) => void }) {
  const mailed = mailedOf();
  const [trouble, setTrouble] = useState<string | null>(null);
  const [busy, setBusy] = useState(false);
  if (mailed === null) {
    return null;
  }
  const book = async () => {
    setBusy(true);
    const { params } = sealed(booking);
    try {
      onBooked(
        await unwrap(
          api.POST('/gate-api/bookings/{id}/prove', { params: { ...params, query: { ...params.query, mailed } } }),
        ),
      );
    } catch (wrong) {
      setTrouble(refusalOf(wrong).message);
    }
    setBusy(false);
  };
  return (
    <>
      {trouble !== null && <Trouble>{trouble}</Trouble>}
      <p>
        <Button id="prove" kind="next" disabled={busy} onClick={() => void book()}>
          {say.yesBook}
        </Button>
      </p>
    </>
  );
}

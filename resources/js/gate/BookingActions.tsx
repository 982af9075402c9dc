import { Button, buttonLook } from '../ui/Button';
import { mailedOf } from './sealed';
import type { Booking } from './types';
import type { Changing } from './useBooking';
import * as say from '@words/gate';

type Props = { booking: Booking; isBooked: boolean; onChange: (what: Changing) => void };

/** Whoever came by a mail is known by it where they book again. */
function sameAgain({ again }: Booking) {
  const mailed = mailedOf();
  return mailed === null ? again : `${again}&mailed=${mailed}`;
}

/** What can be done about a booking; the first is what is most to be done. */
export function BookingActions({ booking, isBooked, onChange }: Props) {
  const { changes } = booking;
  const calendar = `/b/${booking.id}/calendar?${booking.query}`;
  const again = sameAgain(booking);
  const isOver = !isBooked && !['held', 'pending'].includes(booking.state);
  return (
    <div className="grid gap-2">
      <div className="flex flex-wrap gap-3">
        {booking.pay !== null && (
          <a className={buttonLook({ kind: 'next' })} href={booking.pay}>
            {say.payNow}
          </a>
        )}
        {isBooked && (
          <a className={buttonLook({ kind: booking.pay === null ? 'next' : 'plain' })} href={calendar}>
            {say.putInCalendar}
          </a>
        )}
        {changes.move && (
          <Button id="move" onClick={() => onChange({ what: 'move', of: booking, alone: false })}>
            {say.moveIt}
          </Button>
        )}
        {booking.mayCancel && (
          <Button id="cancel" onClick={() => onChange({ what: 'cancel', of: booking, alone: false })}>
            {say.cancelThisBooking}
          </Button>
        )}
        {isOver && (
          <a className={buttonLook({ kind: 'next' })} id="again" href={again}>
            {say.bookSameAgain}
          </a>
        )}
      </div>
      <div className="lesser">
        {changes.party !== null && (
          <button type="button" id="party-change" onClick={() => onChange({ what: 'party' })}>
            {say.changeParty}
          </button>
        )}
        {changes.details && (
          <button type="button" id="details-change" onClick={() => onChange({ what: 'details' })}>
            {say.changeDetails}
          </button>
        )}
        {isBooked && <a href={`webcal://${window.location.host}${calendar}`}>{say.followInCalendar}</a>}
        {isBooked && (
          <a id="again" href={again}>
            {say.bookSameAgain}
          </a>
        )}
      </div>
    </div>
  );
}

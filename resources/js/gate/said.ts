import { moment } from '../lib/format';
import { mailedOf } from './sealed';
import type { Booking } from './types';
import * as say from '@words/gate';

/** What is agreed, in one line. */
export function headline(booking: Booking): string {
  switch (booking.state) {
    case 'held':
      return booking.paid === 'waiting' || booking.awaitsProof ? say.notBookedYet : say.heldNotBookedYet;
    case 'pending':
      return say.askedForNotBooked;
    case 'cancelled':
      return say.cancelled;
    case 'declined':
    case 'expired':
      return say.notBooked;
    case 'no_show':
      return say.missed;
    case 'confirmed':
    case 'arrived':
    case 'started':
    case 'completed':
      return booking.isPast ? say.thankYou : say.booked;
  }
}

/** What that means, and what happens next. */
export function explained(booking: Booking, when: string): string {
  const email = booking.client?.email ?? 'none';
  switch (booking.state) {
    case 'held':
      return waiting(booking, email);
    case 'pending':
      return say.weWrite({ email, by: moment(booking.answerBy ?? booking.start, booking.business.timeZone) });
    case 'cancelled':
      return say.nobodyExpects({ list: booking.told.money.join(' ') });
    case 'declined':
      return say.thisTimeCouldNot({ list: booking.told.money.join(' ') });
    case 'expired':
      return say.timeRanOutBefore({ list: booking.told.money.join(' ') });
    case 'no_show':
      return say.weSorryToHave({ list: booking.told.money.join(' ') });
    case 'confirmed':
    case 'arrived':
    case 'started':
    case 'completed':
      return booking.isPast ? say.itWas({ when }) : say.weExpect({ when, email });
  }
}

function waiting(booking: Booking, email: string): string {
  if (booking.awaitsProof) {
    return mailedOf() !== null ? say.thankAddressYoursSay : say.linkSent({ email });
  }
  if (booking.payTrouble) {
    return say.paymentTrouble;
  }
  if (booking.paid === 'waiting') {
    return booking.pay === null ? say.paymentPageBeingOpened : say.paymentWaits;
  }
  return say.somebodyStillHasTo;
}

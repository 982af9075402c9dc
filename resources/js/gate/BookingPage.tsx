import { useEffect, useState } from 'react';
import { api, refusalOf, unwrap } from '../lib/api';
import { money, moment } from '../lib/format';
import { Trouble } from '../ui/Trouble';
import { Head } from './Head';
import { Proof } from './Proof';
import { Slip } from './Slip';
import { bookedFacts } from './slipFacts';
import type { Booking, Page } from './types';
import { sealed } from './useGate';

/** How often a booking that waits for its payment is asked after. */
const ASK_AGAIN_MS = 2_000;

/** A booking by its link: what is agreed, in one line, and what can be done about it. */
export function BookingPage({ first, page }: { first: Booking; page: Page }) {
  const [booking, setBooking] = useState(first);
  const [asking, setAsking] = useState(false);
  const [trouble, setTrouble] = useState<string | null>(null);
  const [busy, setBusy] = useState(false);
  const waits = booking.state === 'held';
  useEffect(() => {
    if (!waits) {
      return undefined;
    }
    const again = setInterval(() => {
      unwrap(api.GET('/gate-api/bookings/{id}', sealed(first))).then(setBooking, () => undefined);
    }, ASK_AGAIN_MS);
    return () => clearInterval(again);
  }, [waits, first]);

  const cancel = async () => {
    setBusy(true);
    try {
      setBooking(await unwrap(api.POST('/gate-api/bookings/{id}/cancel', sealed(first))));
      setTrouble(null);
    } catch (wrong) {
      setTrouble(refusalOf(wrong).message);
    }
    setBusy(false);
    setAsking(false);
  };

  const zone = booking.business.timeZone;
  const booked = ['confirmed', 'arrived', 'started', 'completed'].includes(booking.state);
  return (
    <>
      <Head page={page} />
      <main className="mx-auto grid max-w-6xl gap-8 px-5 py-8 lg:grid-cols-[minmax(0,1fr)_18.5rem]">
        <div className="grid content-start gap-4">
          <h1 className="said" data-state={booking.state}>
            {headline(booking)}
          </h1>
          <p className="max-w-[52ch] text-lg" role="status">
            {explained(booking, moment(booking.start, zone))}
          </p>
          {booking.word !== '' && (
            <blockquote className="notice" id="word">
              {booking.business.name} writes: “{booking.word}”
            </blockquote>
          )}
          {trouble !== null && <Trouble>{trouble}</Trouble>}
          {booking.awaitsProof && waits && <Proof booking={booking} onBooked={setBooking} />}
          <div className="flex flex-wrap gap-3">
            {booking.pay !== null && (
              <a className="button button-next" href={booking.pay}>
                Pay now
              </a>
            )}
            {booked && (
              <a className="button button-next" href={`/b/${booking.id}/calendar?${booking.query}`}>
                Put it in your calendar
              </a>
            )}
            {booking.mayCancel && !asking && (
              <button type="button" id="cancel" className="button" onClick={() => setAsking(true)}>
                Cancel this booking
              </button>
            )}
            {!booked && booking.state !== 'held' && (
              <a className="button button-next" href={`/book/${booking.business.slug}`}>
                Book another time
              </a>
            )}
          </div>
          {asking && (
            <div className="notice notice-trouble grid gap-3">
              <p>
                {booking.cancelCosts > 0
                  ? `Cancel it? It is late, so as agreed it costs ${money(booking.cancelCosts, booking.currency)}: ${
                      booking.amounts.paid > 0
                        ? 'kept from what you paid. The rest goes back the way it came.'
                        : 'charged to the card you left.'
                    }`
                  : booking.amounts.paid > 0
                    ? 'Cancel it? Everything you paid goes back the way it came.'
                    : 'Cancel it? It costs nothing, and the time is free for somebody else.'}
              </p>
              <p className="flex flex-wrap gap-3">
                <button
                  type="button"
                  id="really-cancel"
                  className="button button-trouble"
                  disabled={busy}
                  onClick={() => void cancel()}
                >
                  Yes, cancel it
                </button>
                <button type="button" className="button" onClick={() => setAsking(false)}>
                  No, I am coming
                </button>
              </p>
            </div>
          )}
          {booking.location.link !== '' && (
            <p>
              You meet at{' '}
              <a href={booking.location.link} className="font-semibold break-words">
                {booking.location.link}
              </a>
            </p>
          )}
          {booked && booking.location.directions !== '' && <p>{booking.location.directions}</p>}
          {booking.note !== '' && <p className="text-soft">You wrote: {booking.note}</p>}
        </div>
        <Slip facts={bookedFacts(booking)} />
      </main>
    </>
  );
}

function headline(booking: Booking): string {
  switch (booking.state) {
    case 'held':
      return booking.paid === 'waiting' || booking.awaitsProof ? 'Not booked yet.' : 'Held, not booked yet.';
    case 'pending':
      return 'Asked for, not booked yet.';
    case 'cancelled':
      return 'Cancelled.';
    case 'declined':
    case 'expired':
      return 'Not booked.';
    case 'no_show':
      return 'Missed.';
    case 'confirmed':
    case 'arrived':
    case 'started':
    case 'completed':
      return 'Booked.';
  }
}

function explained(booking: Booking, when: string): string {
  switch (booking.state) {
    case 'held':
      return booking.awaitsProof && new URLSearchParams(window.location.search).has('mailed')
        ? 'Thank you, the address is yours. Say yes, and it is booked.'
        : booking.awaitsProof
          ? `We have sent a link to ${booking.client?.email ?? 'your address'}. Open it and say yes: ` +
            'then it is booked. The time is kept meanwhile.'
          : booking.payTrouble
            ? 'The payment service does not answer just now. We go on trying, and the time is kept meanwhile: ' +
              'this page says when you can pay.'
            : booking.paid === 'waiting' && booking.pay === null
              ? 'The payment page is being opened.'
              : booking.paid === 'waiting'
                ? 'We are waiting for your payment. As soon as it arrives this page says so; ' +
                  'the time is kept meanwhile.'
                : 'Somebody still has to say who is coming.';
    case 'pending':
      return `We look at it and write to ${booking.client?.email ?? 'you'}. The time is kept for you meanwhile.`;
    case 'cancelled':
      return `Nobody expects you. ${booking.told.money.join(' ')}`;
    case 'declined':
      return `This time could not be given. ${booking.told.money.join(' ')}`;
    case 'expired':
      return `The time ran out before it was booked. ${booking.told.money.join(' ')}`;
    case 'no_show':
      return 'We are sorry to have missed you.';
    case 'confirmed':
    case 'arrived':
    case 'started':
    case 'completed':
      return `We expect you on ${when}. All of it is in the mail we sent to ${booking.client?.email ?? 'you'}.`;
  }
}

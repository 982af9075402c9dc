import { useEffect, useState } from 'react';
import { Notice } from '../ui/Notice';
import { Button, buttonLook } from '../ui/Button';
import { api, refusalOf, unwrap } from '../lib/api';
import { money, moment } from '../lib/format';
import { Trouble } from '../ui/Trouble';
import { Head } from './Head';
import { Proof } from './Proof';
import { Slip } from './Slip';
import { bookedFacts } from './slipFacts';
import type { Booking, Page } from './types';
import { sealed } from './sealed';
import * as say from '@words/gate';
import { rich } from '../language/rich';
import './BookingPage.css';

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
            <Notice as="blockquote" id="word">
              {say.writes({ name: booking.business.name, word: booking.word })}
            </Notice>
          )}
          {trouble !== null && <Trouble>{trouble}</Trouble>}
          {booking.awaitsProof && waits && <Proof booking={booking} onBooked={setBooking} />}
          <div className="flex flex-wrap gap-3">
            {booking.pay !== null && (
              <a className={buttonLook({ kind: 'next' })} href={booking.pay}>
                {say.payNow}
              </a>
            )}
            {booked && (
              <a className={buttonLook({ kind: 'next' })} href={`/b/${booking.id}/calendar?${booking.query}`}>
                {say.putInCalendar}
              </a>
            )}
            {booking.mayCancel && !asking && (
              <Button id="cancel" onClick={() => setAsking(true)}>
                {say.cancelThisBooking}
              </Button>
            )}
            {!booked && booking.state !== 'held' && (
              <a className={buttonLook({ kind: 'next' })} href={`/book/${booking.business.slug}`}>
                {say.bookAnotherTime}
              </a>
            )}
          </div>
          {asking && (
            <Notice as="div" tone="trouble" className="grid gap-3">
              <p>
                {booking.cancelCosts > 0
                  ? say.cancelLate({
                      amount: money(booking.cancelCosts, booking.currency),
                      paid: booking.amounts.paid > 0 ? 'yes' : 'no',
                    })
                  : booking.amounts.paid > 0
                    ? say.cancelEverythingPaidGoes
                    : say.cancelCostsNothingAnd}
              </p>
              <p className="flex flex-wrap gap-3">
                <Button id="really-cancel" kind="trouble" disabled={busy} onClick={() => void cancel()}>
                  {say.yesCancel}
                </Button>
                <Button onClick={() => setAsking(false)}>{say.noIAmComing}</Button>
              </p>
            </Notice>
          )}
          {booking.location.link !== '' && (
            <p>
              {rich(say.meetAt, {
                link: (
                  <a href={booking.location.link} className="font-semibold break-words">
                    {booking.location.link}
                  </a>
                ),
              })}
            </p>
          )}
          {booked && booking.location.directions !== '' && <p>{booking.location.directions}</p>}
          {booking.note !== '' && <p className="text-soft">{say.wrote({ note: booking.note })}</p>}
        </div>
        <Slip facts={bookedFacts(booking)} />
      </main>
    </>
  );
}

function headline(booking: Booking): string {
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
      return say.booked;
  }
}

function explained(booking: Booking, when: string): string {
  const email = booking.client?.email ?? 'none';
  switch (booking.state) {
    case 'held':
      return booking.awaitsProof && new URLSearchParams(window.location.search).has('mailed')
        ? say.thankAddressYoursSay
        : booking.awaitsProof
          ? say.linkSent({ email })
          : booking.payTrouble
            ? say.paymentTrouble
            : booking.paid === 'waiting' && booking.pay === null
              ? say.paymentPageBeingOpened
              : booking.paid === 'waiting'
                ? say.paymentWaits
                : say.somebodyStillHasTo;
    case 'pending':
      return say.weWrite({ email });
    case 'cancelled':
      return say.nobodyExpects({ list: booking.told.money.join(' ') });
    case 'declined':
      return say.thisTimeCouldNot({ list: booking.told.money.join(' ') });
    case 'expired':
      return say.timeRanOutBefore({ list: booking.told.money.join(' ') });
    case 'no_show':
      return say.weSorryToHave;
    case 'confirmed':
    case 'arrived':
    case 'started':
    case 'completed':
      return say.weExpect({ when, email });
  }
}

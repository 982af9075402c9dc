import { Notice } from '../ui/Notice';
import { moment } from '../lib/format';
import { Trouble } from '../ui/Trouble';
import { BookingActions } from './BookingActions';
import { Cancelling } from './Cancelling';
import { DetailsChange } from './DetailsChange';
import { LateFoot } from './LateFoot';
import { Head } from './Head';
import { Moving } from './Moving';
import { PartList } from './PartList';
import { PartyChange } from './PartyChange';
import { Proof } from './Proof';
import { explained, headline } from './said';
import { Slip } from './Slip';
import { SuggestedTimes } from './SuggestedTimes';
import { bookedFacts } from './slipFacts';
import type { Booking, Page } from './types';
import { useBooking } from './useBooking';
import * as say from '@words/gate';
import { rich } from '../language/rich';
import './BookingPage.css';

const BOOKED = ['confirmed', 'arrived', 'started', 'completed'];

/** A booking by its link: what is agreed, in one line, and what can be done about it. */
export function BookingPage({ first, page }: { first: Booking; page: Page }) {
  const link = useBooking(first);
  const { booking, changing, trouble } = link;
  const isBooked = BOOKED.includes(booking.state) && !booking.isPast;
  return (
    <>
      <Head page={page} />
      <main className="mx-auto grid max-w-6xl gap-8 px-5 py-8 lg:grid-cols-[minmax(0,1fr)_18.5rem]">
        <div className="grid content-start gap-4">
          <h1 className="said" data-state={booking.state}>
            {headline(booking)}
          </h1>
          <p className="max-w-[52ch] text-lg" role="status">
            {explained(booking, moment(booking.start, booking.business.timeZone))}
          </p>
          {booking.word !== '' && (
            <Notice as="blockquote" id="word">
              {say.writes({ name: booking.business.name, word: booking.word })}
            </Notice>
          )}
          {booking.suggested.length > 0 && <SuggestedTimes booking={booking} />}
          {trouble !== null && <Trouble of={trouble}>{trouble.message}</Trouble>}
          {link.asksPayment && booking.state !== 'held' && (
            <Notice role="status" id="asks-payment">
              {say.asksPayment}
            </Notice>
          )}
          {booking.awaitsProof && booking.state === 'held' && <Proof booking={booking} onBooked={link.put} />}
          {changing === null && (
            <BookingActions
              booking={link.asksPayment && booking.state !== 'held' ? { ...booking, pay: null } : booking}
              isBooked={isBooked}
              onChange={link.open}
            />
          )}
          {changing?.what !== 'move' && booking.parts.length > 0 && <PartList booking={booking} onChange={link.open} />}
          <Change link={link} page={page} />
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
          {isBooked && booking.bring.map((what) => <p key={what}>{say.bring({ what })}</p>)}
          {isBooked && booking.location.directions !== '' && <p>{booking.location.directions}</p>}
          {booking.note !== '' && changing?.what !== 'details' && (
            <p className="text-soft">{say.wrote({ note: booking.note })}</p>
          )}
        </div>
        <div className="self-start">
          <Slip facts={bookedFacts(booking)} />
        </div>
      </main>
      <LateFoot page={page} />
    </>
  );
}

/** What is being changed just now. */
function Change({ link, page }: { link: ReturnType<typeof useBooking>; page: Page }) {
  const { booking, busy, changing, trouble } = link;
  const leave = () => link.open(null);
  switch (changing?.what) {
    case undefined:
      return null;
    case 'cancel':
      return (
        <Cancelling
          of={changing.of}
          alone={changing.alone}
          busy={busy}
          tries={link.tries}
          onCancel={(seen) => link.cancel(changing.of, changing.alone, seen)}
          onLeave={leave}
        />
      );
    case 'move':
      return (
        <Moving
          booking={booking}
          page={page}
          of={changing.of}
          alone={changing.alone}
          busy={busy}
          onMove={(start, staff) => link.move(changing.of, start, staff, changing.alone)}
          onLeave={leave}
        />
      );
    case 'party':
      return (
        <PartyChange booking={booking} busy={busy} tries={link.tries} onParty={link.changeParty} onLeave={leave} />
      );
    case 'details':
      return (
        <DetailsChange
          booking={booking}
          page={page}
          wrong={trouble?.fields ?? {}}
          busy={busy}
          onDetails={link.changeDetails}
          onLeave={leave}
        />
      );
  }
}

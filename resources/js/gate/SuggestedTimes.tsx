import { buttonLook } from '../ui/Button';
import { Notice } from '../ui/Notice';
import { day, endClock, clock, listed } from '../lib/format';
import type { Booking } from './types';
import * as say from '@words/gate';

/** Other times that the business has offered instead of the one asked for, each a press away. */
export function SuggestedTimes({ booking }: { booking: Booking }) {
  const zone = booking.business.timeZone;
  return (
    <Notice as="section" id="suggested" aria-label={say.anotherTimeOffered}>
      <h2 className="text-xl">{say.anotherTimeOffered}</h2>
      <ul className="mt-2 grid gap-2">
        {booking.suggested.map((one) => (
          <li key={one.start} className="flex flex-wrap items-center justify-between gap-3">
            <span>
              <b>{day(one.start, zone)}</b>,{' '}
              {say.fromTo({ from: clock(one.start, zone), to: endClock(one.start, one.end, zone) })}
              <span className="block text-soft">
                {say.offeredWith({ who: listed(one.staff), where: booking.location.name, price: booking.told.price })}
              </span>
            </span>
            <a className={buttonLook()} href={one.link}>
              {say.takeThisTime}
            </a>
          </li>
        ))}
      </ul>
    </Notice>
  );
}

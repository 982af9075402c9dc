import { endClock, moment } from '../lib/format';
import type { Booking } from './types';
import * as say from '@words/gate';

/** Where the slip stands below, on a phone: day, hour, what it costs and what is agreed, above what books it. */
export function SlipShort({ held }: { held: Booking }) {
  const zone = held.business.timeZone;
  return (
    <p className="border-s-4 border-[var(--brass)] ps-3 lg:hidden" id="slip-short">
      <b>{say.fromTo({ from: moment(held.start, zone), to: endClock(held.start, held.end, zone) })}</b>
      <span className="block">
        {say.titleAndTotal({ service: held.service.name, total: held.told.price })}. {held.told.money.join(' ')}
      </span>
      {held.told.terms !== '' && <span className="block text-sm">{held.told.terms}</span>}
    </p>
  );
}

import { Button } from '../ui/Button';
import { Notice } from '../ui/Notice';
import { clock, listed, moment } from '../lib/format';
import { namesOf } from './slipFacts';
import type { Booking } from './types';
import * as say from '@words/gate';

type Props = { booking: Booking; onGoOn: () => void; onLetGo: () => void };

/** A time that this browser kept and left: until when it waits, and the way back to it. */
export function Waiting({ booking, onGoOn, onLetGo }: Props) {
  const zone = booking.business.timeZone;
  return (
    <Notice as="div" id="waiting" className="grid gap-2">
      <p>
        {say.keptForYou({
          service: listed(namesOf(booking)),
          when: moment(booking.start, zone),
          until: clock(booking.heldUntil ?? booking.start, zone),
        })}
      </p>
      <p className="flex flex-wrap gap-3">
        <Button id="go-on" kind="next" onClick={onGoOn}>
          {booking.client === null ? say.goOnWithIt : say.goOnToPay}
        </Button>
        <Button id="let-waiting-go" onClick={onLetGo}>
          {say.letItGo}
        </Button>
      </p>
    </Notice>
  );
}

import { Button } from '../ui/Button';
import { clock, day, listed } from '../lib/format';
import type { Booking } from './types';
import type { Changing } from './useBooking';
import * as say from '@words/gate';

/** The services of a visit, each of which can be moved or cancelled alone. */
export function PartList({ booking, onChange }: { booking: Booking; onChange: (what: Changing) => void }) {
  const zone = booking.business.timeZone;
  return (
    <ol className="grid gap-2" aria-label={say.whatItIsMadeOf}>
      {booking.parts.map((part) => (
        <li key={part.id} className="flex flex-wrap items-center gap-x-4 border-b border-line pb-2" data-part={part.id}>
          <span className="flex-1">
            <b>{part.service.name}</b>
            <span className="block text-soft">
              {part.mayCancel || part.state === 'held'
                ? say.partTime({
                    day: day(part.start, zone),
                    from: clock(part.start, zone),
                    to: clock(part.end, zone),
                    who: listed(part.staff.map((one) => one.name)),
                  })
                : say.partState({ state: part.state })}
            </span>
          </span>
          {part.mayMove && (
            <Button onClick={() => onChange({ what: 'move', of: part, alone: true })}>{say.moveThisPart}</Button>
          )}
          {part.mayCancel && (
            <Button onClick={() => onChange({ what: 'cancel', of: part, alone: true })}>{say.cancelThisPart}</Button>
          )}
        </li>
      ))}
    </ol>
  );
}

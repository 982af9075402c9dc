import { useState } from 'react';
import { api, unwrap } from '../lib/api';
import { Button } from '../ui/Button';
import { Select } from '../ui/Select';
import { useAsked } from './latest';
import { sealed } from './sealed';
import type { Booking } from './types';
import { headsOf } from './heads';
import * as say from '@words/gate';

type Props = {
  booking: Booking;
  busy: boolean;
  /** How often it was refused: what it costs is asked anew. */
  tries: number;
  onParty: (party: number, seen: string) => void;
  onLeave: () => void;
};

/** More come along, or fewer: what it costs then is said before it is done. */
export function PartyChange({ booking, busy, tries, onParty, onLeave }: Props) {
  const [party, setParty] = useState(booking.party);
  const isOther = party !== booking.party;
  const { answer, trouble } = useAsked(`${booking.id} ${party} ${tries}`, (signal) =>
    isOther
      ? unwrap(api.POST('/gate-api/bookings/{id}/party/tried', { ...sealed(booking), body: { party }, signal }))
      : Promise.resolve(null),
  );
  const range = booking.changes.party;
  if (range === null) {
    return null;
  }
  const counts = Array.from({ length: range.most - range.least + 1 }, (_, i) => String(range.least + i));
  return (
    <form
      className="grid max-w-sm gap-3"
      onSubmit={(event) => {
        event.preventDefault();
        if (answer !== null) {
          onParty(party, answer.seen);
        }
      }}
    >
      <Select
        id="party"
        label={say.howMany}
        {...(range.least > 1 ? { hint: say.fewerIsTooLate } : {})}
        value={String(party)}
        options={counts.map((one) => [one, headsOf(booking.heads, Number(one))])}
        onValue={(value) => setParty(Number(value))}
      />
      <p id="party-effect" role="status" className="font-semibold">
        {isOther && (answer === null ? (trouble?.message ?? say.oneMoment) : answer.says.join(' '))}
      </p>
      <p className="flex flex-wrap gap-3">
        <Button type="submit" id="change-party" kind="next" disabled={busy || answer === null}>
          {say.change}
        </Button>
        <Button onClick={onLeave}>{say.leaveAsItIs}</Button>
      </p>
    </form>
  );
}

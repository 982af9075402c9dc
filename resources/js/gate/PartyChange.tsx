import { useState } from 'react';
import { Button } from '../ui/Button';
import { Select } from '../ui/Select';
import type { Booking } from './types';
import * as say from '@words/gate';

type Props = { booking: Booking; busy: boolean; onParty: (party: number) => void; onLeave: () => void };

/** More come along, or fewer. */
export function PartyChange({ booking, busy, onParty, onLeave }: Props) {
  const [party, setParty] = useState(booking.party);
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
        onParty(party);
      }}
    >
      <Select
        id="party"
        label={say.howMany}
        hint={range.least > 1 ? say.fewerIsTooLate : say.priceFollows}
        value={String(party)}
        options={counts.map((one) => [one, say.heads({ count: Number(one) })])}
        onValue={(value) => setParty(Number(value))}
      />
      <p className="flex flex-wrap gap-3">
        <Button type="submit" id="change-party" kind="next" disabled={busy || party === booking.party}>
          {say.change}
        </Button>
        <Button onClick={onLeave}>{say.leaveAsItIs}</Button>
      </p>
    </form>
  );
}

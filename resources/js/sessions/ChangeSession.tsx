import { useState } from 'react';
import type { Schemas } from '../lib/api';
import { clock, day } from '../lib/format';
import { useSetup } from '../setup/useSetup';
import { Alert } from '../ui/Alert';
import { Button } from '../ui/Button';
import { Check } from '../ui/Check';
import { GatheringFields } from './GatheringFields';
import { WhenFields } from './WhenFields';
import { useChanging } from './useChanging';
import * as say from '@words/sessions';

type Props = { session: Schemas['Session']; zone: string };

/** Changes a date, or it and all later ones: what becomes of each is said before the press. */
export function ChangeSession({ session, zone }: Props) {
  const [changing, setChanging] = useState(false);
  return changing ? (
    <Changing session={session} zone={zone} onLeave={() => setChanging(false)} />
  ) : (
    <Button id="change-session" onClick={() => setChanging(true)}>
      {say.changeThis}
    </Button>
  );
}

function Changing({ session, zone, onLeave }: Props & { onLeave: () => void }) {
  const { business, data } = useSetup();
  const changing = useChanging(business, session, zone, onLeave);
  const { draft, set, wrong } = changing;
  const service = data?.services.find((one) => one.id === session.service);
  return (
    <section className="session-form w-full" aria-label={say.changeThis}>
      <WhenFields id="change" label={say.on} value={draft} wrong={wrong['at']} onValue={set} />
      {service !== undefined && <GatheringFields able={service} value={draft} wrong={wrong} onValue={set} />}
      {session.later > 0 && (
        <Check id="change-later" checked={changing.later} onChange={changing.setLater}>
          {say.changeLater({ count: session.later })}
        </Check>
      )}
      {changing.isChanged ? <Becomes changing={changing} zone={zone} /> : <p>{say.nothingChanged}</p>}
      {changing.bookings > 0 && (
        <Check id="change-told" checked={changing.told} onChange={changing.setTold}>
          {say.tellOfChange}
        </Check>
      )}
      <Alert says={changing.trouble} />
      <p className="flex flex-wrap gap-2">
        <Button
          id="really-change-session"
          kind="next"
          disabled={!changing.isReady}
          onClick={() => void changing.change()}
        >
          {say.changeIt({ count: Math.max(1, changing.dates.length) })}
        </Button>
        <Button onClick={onLeave}>{say.leaveIt}</Button>
      </p>
    </section>
  );
}

/** Each date as it would be, and what stands in its way. */
function Becomes({ changing, zone }: { changing: ReturnType<typeof useChanging>; zone: string }) {
  return (
    <>
      <ol className="session-dates" aria-label={say.theDates}>
        {changing.dates.map((one) => (
          <li key={one.id} data-state={one.state} data-answer={one.state === 'taken' || one.over > 0 ? 'out' : 'take'}>
            <span>
              <b>{say.dayFromTo({ day: day(one.at, zone), from: clock(one.at, zone), to: clock(one.end, zone) })}</b>
              {one.state === 'past' && <span className="block text-sm text-soft">{say.isOver}</span>}
              {one.over > 0 && <span className="block text-sm text-soft">{say.overBy({ count: one.over })}</span>}
              {one.reasons.length > 0 && (
                <span className="block text-sm text-soft">{one.reasons.slice(0, 3).join(' ')}</span>
              )}
            </span>
          </li>
        ))}
      </ol>
      <p role="status">{changing.bookings === 0 ? say.nobodyTold : say.toldSome({ bookings: changing.bookings })}</p>
    </>
  );
}

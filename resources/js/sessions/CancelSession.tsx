import { useQuery, useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { answered } from '../lib/answered';
import { api, refusalOf, unwrap, type Schemas } from '../lib/api';
import { day, money } from '../lib/format';
import { outdated } from '../lib/outdated';
import { session as sessionQuery, sessionCancelTried } from '../lib/queries';
import { useSetup } from '../setup/useSetup';
import { Alert } from '../ui/Alert';
import { Button } from '../ui/Button';
import { Check } from '../ui/Check';
import { Field } from '../ui/Field';
import * as say from '@words/sessions';

type Props = { session: Schemas['Session']; zone: string };

/** Cancels a date, or it and all later ones: what that does is said before the press. */
export function CancelSession({ session, zone }: Props) {
  const [asking, setAsking] = useState(false);
  return asking ? (
    <Cancelling session={session} zone={zone} onLeave={() => setAsking(false)} />
  ) : (
    <Button id="cancel-session" onClick={() => setAsking(true)}>
      {say.cancelThis}
    </Button>
  );
}

function Cancelling({ session, zone, onLeave }: Props & { onLeave: () => void }) {
  const queries = useQueryClient();
  const { business } = useSetup();
  const [how, setHow] = useState({ later: false, why: '', told: true });
  const [busy, setBusy] = useState(false);
  const [trouble, setTrouble] = useState<string | null>(null);
  const { data: does } = useQuery(sessionCancelTried(business, session.id, how.later));
  const set = (changes: Partial<typeof how>) => setHow((before) => ({ ...before, ...changes }));
  const cancel = async () => {
    setBusy(true);
    setTrouble(null);
    try {
      const params = { path: { business, id: session.id } };
      const now = await unwrap(
        api.POST('/api/businesses/{business}/sessions/{id}/cancel', {
          params,
          body: { ...how, seen: does?.seen ?? null },
        }),
      );
      await answered(queries, sessionQuery(business, session.id).queryKey, now);
      onLeave();
    } catch (wrong) {
      setTrouble(refusalOf(wrong).message);
    } finally {
      setBusy(false);
      await outdated(queries, 'session', business);
    }
  };
  return (
    <section className="session-form w-full" aria-label={say.cancelThis}>
      <p className="font-semibold">{say.cancelWhich({ name: session.name, day: day(session.start, zone) })}</p>
      {session.later > 0 && (
        <Check id="cancel-later" checked={how.later} onChange={(later) => set({ later })}>
          {say.cancelLater({ count: session.later })}
        </Check>
      )}
      <Does does={does} />
      {does !== undefined && does.bookings > 0 && (
        <>
          <Check id="cancel-told" checked={how.told} onChange={(told) => set({ told })}>
            {say.tellThem}
          </Check>
          {how.told && (
            <Field
              id="cancel-why"
              label={say.word}
              maxLength={300}
              wrong={undefined}
              value={how.why}
              onValue={(why) => set({ why })}
            />
          )}
        </>
      )}
      <Alert says={trouble} />
      <p className="flex flex-wrap gap-2">
        <Button
          id="really-cancel-session"
          kind="next"
          disabled={busy || does === undefined}
          onClick={() => void cancel()}
        >
          {say.reallyCancelSome({ count: does?.sessions ?? 1 })}
        </Button>
        <Button onClick={onLeave}>{say.leaveIt}</Button>
      </p>
    </section>
  );
}

/** Whom and what it concerns, as the server says it. */
function Does({ does }: { does: Schemas['SessionCancelEffect'] | undefined }) {
  if (does === undefined) {
    return <p role="status">{say.fetching}</p>;
  }
  if (does.bookings === 0) {
    return <p role="status">{say.doesNobody}</p>;
  }
  return (
    <p role="status">
      {say.does({ bookings: does.bookings, people: does.people })}{' '}
      {does.back > 0 ? say.doesBack({ amount: money(does.back, does.currency) }) : say.doesNoMoney}
    </p>
  );
}

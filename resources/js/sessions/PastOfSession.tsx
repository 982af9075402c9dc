import type { Schemas } from '../lib/api';
import { moment } from '../lib/format';
import * as say from '@words/sessions';

/** What happened to it, by whom and when. */
export function PastOfSession({ session, zone }: { session: Schemas['Session']; zone: string }) {
  return session.history.length === 0 ? null : (
    <section className="grid gap-1 print:hidden" aria-labelledby="session-past">
      <h2 id="session-past" className="text-xl">
        {say.history}
      </h2>
      <ul className="text-sm text-soft">
        {session.history.map(({ at, by, what }) => (
          <li key={`${at} ${what}`}>{say.byAt({ at: moment(at, zone), by, what })}</li>
        ))}
      </ul>
    </section>
  );
}

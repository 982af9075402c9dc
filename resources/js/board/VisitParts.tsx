import { Link } from 'react-router';
import type { Schemas } from '../lib/api';
import { clock, dateIn } from '../lib/format';
import { wordOf } from '../language/wordOf';
import * as say from '@words/board';

/** All parts of the visit this is one of, each on its own card; nothing where it is none. */
export function VisitParts({ card, zone }: { card: Schemas['Card']; zone: string }) {
  if (card.visit.length === 0) {
    return null;
  }
  return (
    <section aria-label={say.oneVisit} className="text-sm">
      <b>{say.oneVisit}</b>
      <ol>
        {card.visit.map((part) => (
          <li key={part.id} aria-current={part.id === card.id ? 'true' : undefined}>
            {clock(part.start, zone)}{' '}
            {part.id === card.id ? (
              part.service
            ) : (
              <Link to={`?date=${dateIn(part.start, zone)}&booking=${part.id}`}>{part.service}</Link>
            )}
            {part.state === 'cancelled' && <span className="text-soft"> {wordOf(say.states, part.state)}</span>}
          </li>
        ))}
      </ol>
    </section>
  );
}

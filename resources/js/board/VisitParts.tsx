import { Link } from 'react-router';
import type { Schemas } from '../lib/api';
import { clock, dateIn, moment } from '../lib/format';
import { wordOf } from '../language/wordOf';
import * as say from '@words/board';

type Props = { card: Schemas['Card']; title: string; parts: readonly Schemas['VisitPart'][]; zone: string };

/** All that belongs together with a booking, each on its own card: the parts of a visit, the dates of a repeat. */
export function VisitParts({ card, title, parts, zone }: Props) {
  if (parts.length < 2) {
    return null;
  }
  const onSeveralDays = new Set(parts.map((part) => dateIn(part.start, zone))).size > 1;
  return (
    <section aria-label={title} className="text-sm">
      <b>{title}</b>
      <ol className="max-h-40 overflow-y-auto">
        {parts.map((part) => (
          <li key={part.id} aria-current={part.id === card.id ? 'true' : undefined}>
            {(onSeveralDays ? moment : clock)(part.start, zone)}{' '}
            {part.id === card.id ? (
              <b>{part.service}</b>
            ) : (
              <Link to={`?date=${dateIn(part.start, zone)}&booking=${part.id}`}>{part.service}</Link>
            )}
            {part.state !== 'confirmed' && <span className="text-soft"> {wordOf(say.states, part.state)}</span>}
          </li>
        ))}
      </ol>
    </section>
  );
}

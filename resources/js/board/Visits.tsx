import { useQuery } from '@tanstack/react-query';
import { Link } from 'react-router';
import type { Schemas } from '../lib/api';
import { dateIn, moment } from '../lib/format';
import { otherVisits } from '../lib/queries';
import { wordOf } from '../language/wordOf';
import * as say from '@words/board';

type Props = { business: string; card: Schemas['Card']; zone: string };

/** When else the client was here, and comes again. */
export function Visits({ business, card, zone }: Props) {
  const { data } = useQuery({ ...otherVisits(business, card.id), enabled: card.clientId !== null });
  if (data === undefined || data.visits.length === 0) {
    return null;
  }
  return (
    <section aria-label={say.otherVisits}>
      <h3 className="text-lg">{say.otherVisits}</h3>
      <ul className="grid gap-0.5 text-sm">
        {data.visits.map((one) => (
          <li key={one.id}>
            <Link to={`/at/${business}/board?date=${dateIn(one.start, zone)}&booking=${one.id}`}>
              {moment(one.start, zone)}
            </Link>{' '}
            {one.service}
            {!one.ahead && <span className="text-soft"> · {wordOf(say.states, one.state)}</span>}
          </li>
        ))}
      </ul>
    </section>
  );
}

import { Link } from 'react-router';
import { Notice } from '../ui/Notice';
import type { Schemas } from '../lib/api';
import * as say from '@words/setup';
import './Missing.css';

type Props = { business: string; missing: readonly Schemas['Finding'][] };

/** Where what is missing is mended. */
function placeOf(one: Schemas['Finding']): string {
  const to = one.id === null ? '' : `/${one.id}`;
  switch (one.list) {
    case 'services':
      return `offer/services${to === '' ? '/new' : to}`;
    case 'staff':
      return `roster/people${to === '' ? '/new' : to}`;
    case 'locations':
      return `roster/locations${to === '' ? '/new' : to}`;
    default:
      return one.part.startsWith('/specialDays') ? 'roster/year' : 'roster/hours';
  }
}

/** What still keeps something from being booked, each line a way to mend it. Nothing, when all is well. */
export function Missing({ business, missing }: Props) {
  if (missing.length === 0) {
    return null;
  }
  return (
    <Notice as="section" className="missing" aria-label={say.stillMissing}>
      <h2>{say.thingsMissing({ count: missing.length })}</h2>
      <ul>
        {missing.map((one) => (
          <li key={`${one.list} ${one.id} ${one.part} ${one.what}`}>
            <Link to={`/at/${business}/${placeOf(one)}`}>{one.what}</Link> <span>{one.advice}</span>
          </li>
        ))}
      </ul>
    </Notice>
  );
}

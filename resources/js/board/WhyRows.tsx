import { Link } from 'react-router';
import type { Schemas } from '../lib/api';
import { useNames } from '../ui/useNames';

type Props = { business: string; rows: readonly Schemas['WhyNotRow'][] };

/** For each who could take it what stands in the way, with the way to where that is set; others' names stay hidden. */
export function WhyRows({ business, rows }: Props) {
  const { hidden } = useNames();
  if (hidden) {
    return null;
  }
  return (
    <ul className="grid gap-1 text-sm">
      {rows.map((row) => (
        <li key={`${row.location ?? ''} ${row.staff.join()}`}>
          {row.staff.length > 0 && <b>{row.staff.join(', ')}: </b>}
          {row.reasons.map((reason, i) => (
            <span key={i}>
              {reason.link === null ? (
                reason.says
              ) : (
                <Link to={`/at/${business}/${reason.link}`}>{reason.says}</Link>
              )}{' '}
            </span>
          ))}
        </li>
      ))}
    </ul>
  );
}

import { Link } from 'react-router';
import type { Schemas } from '../lib/api';
import { clock, day } from '../lib/format';
import * as say from '@words/sessions';

type Props = { business: string; rows: readonly Schemas['SessionRow'][]; zone: string; current?: string };

/** Sessions one below the other, each with its places. */
export function SessionRows({ business, rows, zone, current }: Props) {
  return (
    <ol className="session-rows">
      {rows.map((row) => (
        <li key={row.id} data-state={row.state}>
          <Link to={`/at/${business}/sessions/${row.id}`} aria-current={row.id === current ? 'page' : undefined}>
            {say.dayFromTo({ day: day(row.start, zone), from: clock(row.start, zone), to: clock(row.end, zone) })}
          </Link>
          <span>{row.state === 'cancelled' ? say.cancelled : <Places row={row} />}</span>
        </li>
      ))}
    </ol>
  );
}

/** "5 of 6", and how full that is. */
export function Places({ row }: { row: Pick<Schemas['SessionRow'], 'places' | 'taken'> }) {
  return (
    <span className="session-places" data-full={row.taken >= row.places}>
      <meter min={0} max={row.places} value={row.taken} aria-hidden="true" />
      {say.taken({ taken: row.taken, places: row.places })}
      {row.taken >= row.places && <b> {say.full}</b>}
    </span>
  );
}

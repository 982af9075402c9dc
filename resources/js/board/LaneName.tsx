import type { Schemas } from '../lib/api';
import { shortDuration } from '../lib/format';
import { Badge } from '../ui/Badge';
import * as say from '@words/board';

type Props = { lane: Schemas['Lane']; isPast: boolean };

/** Whose lane it is, and how much of it is free: of a place or a unit also how full it is. */
export function LaneName({ lane, isPast }: Props) {
  return (
    <p className="lane-name flex items-center gap-2.5 pe-2 leading-tight">
      {lane.badge !== null && <Badge of={lane.badge} />}
      <span className="min-w-0 flex-1">
        <b className="block truncate text-[0.95rem]">{lane.name}</b>
        <span className="text-sm text-soft">{freeWords(lane, isPast)}</span>
        {lane.badge === null && lane.openMinutes > 0 && (
          <span className="lane-fill" aria-hidden="true">
            <i style={{ width: `${(100 * lane.takenMinutes) / lane.openMinutes}%` }} />
          </span>
        )}
      </span>
    </p>
  );
}

function freeWords(lane: Schemas['Lane'], isPast: boolean): string {
  if (lane.open.length === 0) {
    return say.off;
  }
  if (lane.freeMinutes > 0) {
    return say.free({ time: shortDuration(lane.freeMinutes) });
  }
  return isPast ? say.over : say.nothingFree;
}

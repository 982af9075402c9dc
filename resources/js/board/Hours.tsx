import type { Schemas } from '../lib/api';
import { clock } from '../lib/format';
import type { Scale } from './ruler';

type Props = { ruler: Schemas['Ruler']; scale: Scale; zone: string; now: string | null };

/** Hundredths of the ruler that the rope's own hour takes to either side. */
const ROPE = 4.4;

/** The hours above the lanes; where the rope's own hour stands, none. */
export function Hours({ ruler, scale, zone, now }: Props) {
  return (
    <div className="board-grid" aria-hidden="true">
      <span />
      <span className="ruler-hours">
        {ruler.ticks.map((tick) => (
          <span
            key={tick}
            style={{ left: `${scale.at(tick)}%` }}
            className={now !== null && Math.abs(scale.at(tick) - scale.at(now)) < ROPE ? 'invisible' : ''}
          >
            {clock(tick, zone).replace(/:00(?= |$)/, '')}
          </span>
        ))}
      </span>
    </div>
  );
}

import type { Schemas } from '../lib/api';
import { clock } from '../lib/format';
import type { Scale } from './ruler';

type Props = { ruler: Schemas['Ruler']; scale: Scale; zone: string; now: string | null };

/** Hundredths of the ruler that the rope's own hour takes to either side. */
const ROPE = 4.4;

/** More hours than these are written side by side no longer: every other one is. */
const MOST = 15;

/** The hours above the lanes; where the rope's own hour stands, none. */
export function Hours({ ruler, scale, zone, now }: Props) {
  const isBesideRope = (tick: string) => now !== null && Math.abs(scale.at(tick) - scale.at(now)) < ROPE;
  const step = ruler.ticks.length > MOST ? 2 : 1;
  return (
    <div className="board-grid board-ruler" aria-hidden="true">
      <span />
      <span className="ruler-hours">
        {ruler.ticks.map((tick, index) => (
          <span
            key={tick}
            style={{ left: `${scale.at(tick)}%` }}
            className={index % step > 0 || isBesideRope(tick) ? 'invisible' : ''}
          >
            {clock(tick, zone).replace(/:00(?= |$)/, '')}
          </span>
        ))}
      </span>
    </div>
  );
}

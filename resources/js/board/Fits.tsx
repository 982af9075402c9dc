import type { Schemas } from '../lib/api';
import { clock } from '../lib/format';
import * as say from '@words/board';

type Props = {
  lane: Schemas['Lane'];
  fits: readonly Schemas['DeskStart'][];
  named: string | null;
  zone: string;
  at: (instant: string) => number;
  onStart: (staff: string, instant: string) => void;
};

/** On a lane: the starts at which this person could take what is asked for. By keys they are beneath the sentence. */
export function Fits({ lane, fits, named, zone, at, onStart }: Props) {
  return fits
    .filter((start) => start.staff.includes(lane.id))
    .map((start) => (
      <button
        key={start.at}
        type="button"
        className="fit"
        style={{ left: `${at(start.at)}%` }}
        tabIndex={-1}
        aria-pressed={start.at === named}
        aria-label={say.fitsAt({ at: clock(start.at, zone), who: lane.name })}
        title={clock(start.at, zone)}
        onClick={() => onStart(lane.id, start.at)}
      />
    ));
}

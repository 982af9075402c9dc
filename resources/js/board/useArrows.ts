import { useEffect, useRef, type RefObject } from 'react';
import type { Schemas } from '../lib/api';
import type { Band } from './aim';
import { lengthened, startsOf, stepped, type Lifted, type Spot } from './lift';

type Does = {
  lifted: Lifted | null;
  spot: RefObject<Spot | null>;
  starts: readonly Schemas['DeskStart'][];
  /** ms, those it may have */
  lengths: readonly number[];
  bands: RefObject<Band[]>;
  put: (spot: Spot) => void;
  drop: (spot: Spot, day: string | null) => void;
  leave: () => void;
};

/** A lifted tag by keys: from start to start, from lane to lane, with Shift longer and shorter; Enter, Escape. */
export function useArrows(does: Does) {
  const latest = useRef(does);
  useEffect(() => {
    latest.current = does;
  });
  const isUp = does.lifted !== null;
  useEffect(() => {
    if (!isUp) {
      return;
    }
    const press = (event: globalThis.KeyboardEvent) => {
      const { lifted, spot, put, drop, leave } = latest.current;
      const from = spot.current;
      if (lifted === null || from === null) {
        return;
      }
      const acts: Readonly<Record<string, () => void>> = {
        ArrowRight: () => put(along(latest.current, from, 1, event.shiftKey)),
        ArrowLeft: () => put(along(latest.current, from, -1, event.shiftKey)),
        ArrowUp: () => put(across(latest.current, lifted, from, -1)),
        ArrowDown: () => put(across(latest.current, lifted, from, 1)),
        Enter: () => drop(from, null),
        Escape: leave,
      };
      const act = acts[event.key];
      if (act !== undefined) {
        event.preventDefault();
        event.stopPropagation();
        act();
      }
    };
    window.addEventListener('keydown', press, { capture: true });
    return () => window.removeEventListener('keydown', press, { capture: true });
  }, [isUp]);
}

const along = ({ starts, lengths }: Does, spot: Spot, by: 1 | -1, long: boolean): Spot =>
  long
    ? { ...spot, length: lengthened(spot.length, by, lengths) }
    : { ...spot, start: stepped(spot.start, by, startsOf(starts, spot.lane)) };

/** To the lane beside it; what several people take together stays with them. */
function across({ bands }: Does, lifted: Lifted, spot: Spot, by: 1 | -1): Spot {
  const lanes = bands.current.map(({ lane }) => lane);
  const next = lanes[lanes.indexOf(spot.lane) + by];
  return next === undefined || lifted.tag.staff.length > 1 ? spot : { ...spot, lane: next };
}

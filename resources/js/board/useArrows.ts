import { useEffect, useRef, type RefObject } from 'react';
import type { Schemas } from '../lib/api';
import { bringInSight, type Band } from './aim';
import { crosses, lengthened, startsOf, stepped, type LanesBy, type Lifted, type Spot } from './lift';

type Does = {
  lifted: Lifted | null;
  by: LanesBy;
  spot: RefObject<Spot | null>;
  starts: readonly Schemas['MoveStart'][];
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

const along = ({ starts, lengths, by: lanes }: Does, spot: Spot, by: 1 | -1, long: boolean): Spot =>
  long
    ? { ...spot, length: lengthened(spot.length, by, lengths) }
    : { ...spot, start: stepped(spot.start, by, startsOf(starts, spot.lane, lanes)) };

/** To the lane beside it, where it can be carried there. */
function across({ bands, by: kind }: Does, lifted: Lifted, spot: Spot, by: 1 | -1): Spot {
  const lanes = bands.current.map(({ lane }) => lane);
  const next = lanes[lanes.indexOf(spot.lane) + by];
  if (next === undefined || !crosses(lifted.tag, kind)) {
    return spot;
  }
  bringInSight(next);
  return { ...spot, lane: next };
}

import type { Schemas } from '../lib/api';
import type { Looking } from '../lib/queries';

export type LanesBy = Looking['lanes'];

/** A tag taken off its string: where it hangs now, and how long it is. Instants and lengths are in ms. */
export type Spot = { lane: string; start: number; length: number };

export type Lifted = {
  tag: Schemas['Tag'];
  /** `length`: only its end is pulled. */
  kind: 'move' | 'length';
  from: Spot;
  /** ms into it where it was taken hold of */
  grabbed: number;
};

const STEP = 300_000; // five minutes: nearer nobody aims

/** The nearest of the starts within reach, else the nearest five minutes. */
export function snapped(aimed: number, starts: readonly number[], reach: number): number {
  const near = starts.reduce<number | null>(
    (best, start) => (Math.abs(start - aimed) < Math.abs((best ?? Infinity) - aimed) ? start : best),
    null,
  );
  return near !== null && Math.abs(near - aimed) <= reach ? near : Math.round(aimed / STEP) * STEP;
}

/** The next start after where it hangs, or the one before; where there is none, five minutes on. */
export function stepped(from: number, by: 1 | -1, starts: readonly number[]): number {
  const beyond = starts.filter((start) => (by > 0 ? start > from : start < from));
  return beyond.length === 0 ? from + by * STEP : by > 0 ? Math.min(...beyond) : Math.max(...beyond);
}

/** A length that is pulled: one of those it may have, where one is within reach; else whole steps, at least one. */
export const pulled = (length: number, lengths: readonly number[], reach: number): number =>
  Math.max(STEP, snapped(length, lengths, reach));

/** The next longer or shorter one that it may have; where there is none, five minutes more or less. */
export const lengthened = (from: number, by: 1 | -1, lengths: readonly number[]): number =>
  Math.max(STEP, stepped(from, by, lengths));

/** The stretches of a lane that it may hang on: from each start as long as it is, those that touch joined. */
export function stretches(starts: readonly number[], length: number): { from: number; to: number }[] {
  const joined: { from: number; to: number }[] = [];
  for (const start of [...starts].sort((a, b) => a - b)) {
    const last = joined.at(-1);
    if (last !== undefined && start <= last.to) {
      last.to = Math.max(last.to, start + length);
    } else {
      joined.push({ from: start, to: start + length });
    }
  }
  return joined;
}

/** The starts at which it could hang on a lane: of somebody, of a place, or of a unit, which follow by themselves. */
export const startsOf = (starts: readonly Schemas['MoveStart'][], lane: string, by: LanesBy): number[] =>
  starts
    .filter(({ staff, places }) => by === 'units' || (by === 'people' ? staff : places).includes(lane))
    .map(({ at }) => Date.parse(at));

/** Whether a tag can be carried to another lane: not to a unit, nor what several people take to one of them. */
export const crosses = (tag: Schemas['Tag'], by: LanesBy): boolean =>
  by === 'places' || (by === 'people' && tag.staff.length <= 1);

/** Where a tag hangs on a lane. */
export const spotOf = (tag: Schemas['Tag'], lane: string): Spot => ({
  lane,
  start: Date.parse(tag.start),
  length: Date.parse(tag.end) - Date.parse(tag.start),
});

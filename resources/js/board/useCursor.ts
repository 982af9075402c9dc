import { useState, type KeyboardEvent } from 'react';
import type { Schemas } from '../lib/api';
import { bringInSight } from './aim';
import { written, type Scale } from './ruler';

/** A lane, and an instant on it. */
export type Cursor = { lane: string; at: string };

type Does = {
  lanes: readonly Pick<Schemas['Lane'], 'id' | 'open'>[];
  scale: Scale;
  now: string;
  /** Starts that fit what the desk is asked for. */
  fits: readonly Schemas['DeskStart'][];
  onStart: (lane: string, instant: string) => void;
};

const QUARTER_MS = 900_000;

/**
 * Empty time by keys: up and down from lane to lane, left and right by a quarter of an hour, or from start to start of
 * what the desk is asked for; Enter begins there.
 */
export function useCursor({ lanes, scale, now, fits, onStart }: Does) {
  const [cursor, setCursor] = useState<Cursor | null>(null);
  const first = (): Cursor => {
    const lane = lanes.find(({ open }) => open.length > 0) ?? lanes[0];
    const opens = Date.parse(lane?.open[0]?.from ?? now);
    const at = Math.min(Math.max(Date.parse(now), opens, scale.start), scale.end - QUARTER_MS);
    return { lane: lane?.id ?? '', at: written(Math.ceil(at / QUARTER_MS) * QUARTER_MS) };
  };
  const across = (from: Cursor, by: 1 | -1): Cursor => {
    const lane = lanes[lanes.findIndex(({ id }) => id === from.lane) + by]?.id ?? from.lane;
    bringInSight(lane);
    return { ...from, lane };
  };
  const along = (from: Cursor, by: 1 | -1): Cursor => {
    const starts = fits.filter((one) => one.staff.includes(from.lane)).map((one) => one.at);
    if (starts.length > 0) {
      const beyond = starts.filter((at) => (by === 1 ? at > from.at : at < from.at));
      return { ...from, at: (by === 1 ? beyond[0] : beyond.at(-1)) ?? from.at };
    }
    const at = Date.parse(from.at) + by * QUARTER_MS;
    return at < scale.start || at >= scale.end ? from : { ...from, at: written(at) };
  };
  const onKey = (event: KeyboardEvent<HTMLElement>) => {
    if (event.target !== event.currentTarget) {
      return; // on a tag, whose arrows are its own
    }
    const from = cursor ?? first();
    const acts: Readonly<Record<string, () => void>> = {
      ArrowUp: () => setCursor(cursor === null ? from : across(from, -1)),
      ArrowDown: () => setCursor(cursor === null ? from : across(from, 1)),
      ArrowLeft: () => setCursor(cursor === null ? from : along(from, -1)),
      ArrowRight: () => setCursor(cursor === null ? from : along(from, 1)),
      Enter: () => onStart(from.lane, from.at),
      Escape: () => setCursor(null),
    };
    const act = acts[event.key];
    if (act !== undefined) {
      event.preventDefault();
      act();
    }
  };
  return { cursor, onKey, leave: () => setCursor(null) };
}

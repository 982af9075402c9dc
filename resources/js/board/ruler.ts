import type { Schemas } from '../lib/api';

/** A ruler in the terms of a screen: where an instant lies on it, and which one lies somewhere. */
export type Scale = {
  /** ms since 1970 */
  start: number;
  end: number;
  /** Percent from the left; what lies beyond is at its end. */
  at: (instant: string) => number;
};

export function scaleOf(ruler: Schemas['Ruler']): Scale {
  const start = Date.parse(ruler.start);
  const end = Date.parse(ruler.end);
  const within = (ms: number) => Math.min(end, Math.max(start, ms));
  return { start, end, at: (instant) => (100 * (within(Date.parse(instant)) - start)) / (end - start) };
}

const STEP_MS = 300_000; // five minutes: nearer nobody presses

/** The instant in ms written as the server writes instants. */
export const written = (ms: number): string => new Date(ms).toISOString().replace(/:00\.000Z$/, 'Z');

/** The five minutes' instant that lies at a part of the ruler's width, from 0 to 1. */
export const instantAt = ({ start, end }: Scale, part: number): string =>
  written(Math.floor((start + part * (end - start)) / STEP_MS) * STEP_MS);

import type { Scale } from './ruler';

/** Where a lane lies on the screen. */
export type Band = { lane: string; box: DOMRect };

/** The lanes from above to below, as they lie now. */
export const bandsOf = (): Band[] =>
  [...document.querySelectorAll<HTMLElement>('.lane-band[data-of]')].map((band) => ({
    lane: band.dataset['of'] ?? '',
    box: band.getBoundingClientRect(),
  }));

/** Scrolls no further than a lane needs to be seen: keys reach lanes that no hand does. */
export const bringInSight = (lane: string): void =>
  document.querySelector(`.lane-band[data-of="${lane}"]`)?.scrollIntoView({ block: 'nearest' });

/** Pixels beside the lanes in sight within which a hand still means them. */
const NEAR = 24;

/** Whether a height of the screen is where lanes are in sight: those scrolled away lie beneath what is around them. */
export function isOverLanes(y: number): boolean {
  const frame = document.querySelector('.lanes-scroll')?.getBoundingClientRect();
  return frame === undefined || (y >= frame.top - NEAR && y <= frame.bottom + NEAR);
}

/** Which lane and instant (ms) a point of the screen is on: the nearest lane, within the ruler; null far from all. */
export function aimOf(
  bands: readonly Band[],
  { start, end }: Scale,
  x: number,
  y: number,
): { lane: string; at: number } | null {
  const apart = ({ box }: Band) => Math.max(box.top - y, y - box.bottom, 0);
  const band = [...bands].sort((a, b) => apart(a) - apart(b))[0];
  if (band === undefined || apart(band) > band.box.height) {
    return null;
  }
  const part = Math.min(1, Math.max(0, (x - band.box.left) / band.box.width));
  return { lane: band.lane, at: start + part * (end - start) };
}

/** The date of the ribbon's day under a point. */
export function dayUnder(x: number, y: number): string | null {
  const under = document.elementFromPoint(x, y)?.closest<HTMLElement>('[data-date]');
  return under?.dataset['date'] ?? null;
}

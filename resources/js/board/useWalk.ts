import { useState, type KeyboardEvent } from 'react';
import type { Schemas } from '../lib/api';

/**
 * Walking the Board with the arrow keys: left and right along a lane, up and down to the tag of the next lane that lies
 * closest in time. One tag at a time can be reached by Tab, so the Board is one stop on the way through the page.
 */
export function useWalk(board: Schemas['Board'], onChoose: (id: string | null) => void) {
  const [at, setAt] = useState<string | null>(null);
  const lanes = board.lanes.map((lane) => lane.staff.id);
  const inLane = (lane: string) =>
    board.tags.filter((tag) => tag.staff.includes(lane)).sort((a, b) => a.start.localeCompare(b.start));
  const first = lanes.flatMap((lane) => inLane(lane).map((tag) => `${lane} ${tag.id}`));
  const focusable = at !== null && first.includes(at) ? at : first[0];

  const focus = (lane: string, id: string) => {
    setAt(`${lane} ${id}`);
    document.querySelector<HTMLButtonElement>(`[data-lane="${lane}"][data-tag="${id}"]`)?.focus();
  };

  const onKey = (event: KeyboardEvent<HTMLButtonElement>) => {
    const lane = event.currentTarget.dataset['lane'] ?? '';
    const id = event.currentTarget.dataset['tag'] ?? '';
    const start = Date.parse(event.currentTarget.dataset['start'] ?? '');
    const step = { ArrowLeft: -1, ArrowRight: 1, ArrowUp: -1, ArrowDown: 1 }[event.key];
    if (event.key === 'Escape') {
      onChoose(null);
    }
    if (step === undefined) {
      return;
    }
    event.preventDefault();
    if (event.key === 'ArrowLeft' || event.key === 'ArrowRight') {
      const tags = inLane(lane);
      const next = tags[tags.findIndex((tag) => tag.id === id) + step];
      if (next !== undefined) {
        focus(lane, next.id);
      }
      return;
    }
    for (let i = lanes.indexOf(lane) + step; i >= 0 && i < lanes.length; i += step) {
      const other = lanes[i] ?? '';
      const near = inLane(other).sort(
        (a, b) => Math.abs(Date.parse(a.start) - start) - Math.abs(Date.parse(b.start) - start),
      )[0];
      if (near !== undefined) {
        focus(other, near.id);
        return;
      }
    }
  };
  return { focusable, onKey };
}

import { useState, type KeyboardEvent } from 'react';
import type { Schemas } from '../lib/api';

/** A lane on a day, from above to below, with what hangs on it. */
export type WalkRow = { id: string; tags: readonly Schemas['Tag'][] };

export type Walk = ReturnType<typeof useWalk>;

/**
 * Walking the Board with the arrow keys: left and right along a lane, up and down to the tag of the next lane that lies
 * closest in time. One tag at a time can be reached by Tab, so the Board is one stop on the way through the page.
 */
export function useWalk(rows: readonly WalkRow[], onChoose: (id: string | null) => void) {
  const [at, setAt] = useState<string | null>(null);
  const all = rows.flatMap((row) => row.tags.map((tag) => `${row.id} ${tag.id}`));
  const focusable = at !== null && all.includes(at) ? at : all[0];

  const focus = (row: string, id: string) => {
    setAt(`${row} ${id}`);
    document.querySelector<HTMLButtonElement>(`[data-lane="${row}"][data-tag="${id}"]`)?.focus();
  };

  const onKey = (event: KeyboardEvent<HTMLButtonElement>) => {
    const { lane = '', tag = '', start = '' } = event.currentTarget.dataset;
    const step = { ArrowLeft: -1, ArrowRight: 1, ArrowUp: -1, ArrowDown: 1 }[event.key];
    if (event.key === 'Escape') {
      onChoose(null);
    }
    if (step === undefined) {
      return;
    }
    event.preventDefault();
    const here = rows.findIndex((row) => row.id === lane);
    if (event.key === 'ArrowLeft' || event.key === 'ArrowRight') {
      const tags = inOrder(rows[here]?.tags ?? []);
      const next = tags[tags.findIndex((one) => one.id === tag) + step];
      if (next !== undefined) {
        focus(lane, next.id);
      }
      return;
    }
    for (let i = here + step; i >= 0 && i < rows.length; i += step) {
      const row = rows[i];
      const near = row === undefined ? undefined : nearest(row.tags, start);
      if (row !== undefined && near !== undefined) {
        focus(row.id, near.id);
        return;
      }
    }
  };
  return { focusable, onKey };
}

const inOrder = (tags: readonly Schemas['Tag'][]) => [...tags].sort((a, b) => a.start.localeCompare(b.start));

const DAY_MS = 86_400_000;

/** The one that begins closest to an hour of the day, whatever the day. */
function nearest(tags: readonly Schemas['Tag'][], start: string): Schemas['Tag'] | undefined {
  const apart = (tag: Schemas['Tag']) => Math.abs((Date.parse(tag.start) - Date.parse(start)) % DAY_MS);
  return [...tags].sort((a, b) => apart(a) - apart(b))[0];
}

import type { Schemas } from '../lib/api';

/** Which of how many rows of its lane a tag hangs on. */
export type Row = { row: number; rows: number };

/**
 * Tags of a lane that lie over one another hang beneath one another: each on the first row that is free, and all that
 * touch share the height of their lane.
 */
export function stacked(tags: readonly Schemas['Tag'][]): ReadonlyMap<string, Row> {
  const found = new Map<string, Row>();
  let cluster: string[] = [];
  let ends: string[] = [];
  let last = '';
  const close = () => cluster.forEach((id) => found.set(id, { row: found.get(id)?.row ?? 0, rows: ends.length }));
  for (const tag of [...tags].sort((a, b) => a.start.localeCompare(b.start) || b.end.localeCompare(a.end))) {
    if (tag.start >= last) {
      close();
      [cluster, ends] = [[], []];
    }
    const free = ends.findIndex((end) => end <= tag.start);
    const row = free < 0 ? ends.length : free;
    ends[row] = tag.end;
    cluster.push(tag.id);
    found.set(tag.id, { row, rows: 1 });
    last = tag.end > last ? tag.end : last;
  }
  close();
  return found;
}

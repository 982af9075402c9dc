import type { Schemas } from '../lib/api';
import * as say from '@words/board';

/** How a visit stands, where it is not simply booked: a glyph for what is short, and its word. */
export type Standing = { glyph: string; word: string; tone: 'wait' | 'good' | 'trouble' | 'past' };

const STANDINGS: Readonly<Record<string, Standing>> = {
  held: { glyph: '…', word: say.held, tone: 'wait' },
  pending: { glyph: '?', word: say.states.pending, tone: 'wait' },
  arrived: { glyph: '◗', word: say.states.arrived, tone: 'good' },
  started: { glyph: '▸', word: say.states.started, tone: 'good' },
  completed: { glyph: '✓', word: say.states.completed, tone: 'past' },
  no_show: { glyph: '✕', word: say.states.no_show, tone: 'trouble' },
};

const LATE: Standing = { glyph: '!', word: say.late, tone: 'trouble' };

/** The client was not here before; there is a note. */
export const FIRST = '✶';
export const NOTED = '≡';

/** All of them, for whoever sees them first. */
export const LEGEND: readonly Standing[] = [
  ...Object.values(STANDINGS),
  LATE,
  { glyph: FIRST, word: say.firstVisit, tone: 'past' },
  { glyph: NOTED, word: say.hasNote, tone: 'past' },
  { glyph: '‖', word: say.overOthers, tone: 'past' },
  { glyph: '━', word: say.partOfVisit, tone: 'past' },
];

/** Of a tag at that instant; null: booked and to come, or a group, whose people stand for themselves. */
export function standingOf(tag: Schemas['Tag'], now: string): Standing | null {
  if (tag.places !== null) {
    return null;
  }
  const isLate = tag.state === 'confirmed' && tag.start < now && now < tag.end;
  return isLate ? LATE : (STANDINGS[tag.state] ?? null);
}

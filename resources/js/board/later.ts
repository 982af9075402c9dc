import type { Schemas } from '../lib/api';

/** What somebody said of later ones of a repeat, by booking: another start; null: it stays where it is. */
export type Answers = Readonly<Record<string, string | null>>;

type Each = Schemas['MoveEach'][];

export const eachOf = (answers: Answers): Each => Object.entries(answers).map(([id, start]) => ({ id, start }));

/** The same, and one that does not fit stays where it is. */
export const eachFitting = (answers: Answers, later: readonly Schemas['LaterOne'][]): Each =>
  eachOf({ ...Object.fromEntries(later.filter((one) => !one.fits).map(({ id }) => [id, null])), ...answers });

/** What puts those back that were moved. */
export const eachBack = (later: readonly Schemas['LaterOne'][]): Each =>
  later.map(({ id, from, start, fits }) => ({ id, start: start === null || !fits ? null : from }));

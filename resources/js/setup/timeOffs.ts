import type { Schemas } from '../lib/api';

type Row = Schemas['TimeOffRow'];

/** Those of several people that say the same: what was entered at once is changed and removed at once. */
export const alike = (all: readonly Row[], one: Row): Row[] =>
  all.filter(
    ({ content }) =>
      content.name === one.content.name && content.from === one.content.from && content.to === one.content.to,
  );

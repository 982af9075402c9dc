import type { Service } from './types';
import * as say from '@words/gate';

/** "one person", "3 people", or what the business calls them: "1 dog", "3 dogs". */
export const headsOf = (heads: Service['heads'], count: number): string =>
  heads === null ? say.heads({ count }) : `${count} ${count === 1 ? heads.one : heads.many}`;

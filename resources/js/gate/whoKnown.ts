import { kept, knownOf } from './kept';
import type { Known } from './types';

/** The link of a booking of their own that led here: whoever is known is not locked out, and may have own prices. */
export function whoKnown(slug: string): { known?: string } {
  const known = kept<Known>(knownOf(slug))?.link;
  return known === undefined ? {} : { known };
}

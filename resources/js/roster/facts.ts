import type { Contents } from '../setup/things';

/** What each part of the business's facts is given. */
export type FactsProps = {
  content: Contents['facts'];
  set: (changes: Partial<Contents['facts']>) => void;
  wrong: Readonly<Record<string, string>>;
};

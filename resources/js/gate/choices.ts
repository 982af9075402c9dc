import type { Sighted } from './Sight';

/** One of what a part of the sentence can say. */
export type Option = {
  value: string;
  name: string;
  /** Beneath the name, and at the end of the line. */
  detail?: string;
  trail?: readonly [string, string];
  sight?: Sighted;
  picture?: string | null;
};

/** Options under a heading; an empty one has none. */
export type OptionGroup = { id: string; name: string; picture: string | null; options: readonly Option[] };

/** A part of the sentence: what it says, and what it could. */
export type ChoiceProps = {
  label: string;
  value: string;
  shown: string;
  groups: readonly OptionGroup[];
  onChange: (value: string) => void;
};

export const ungrouped = (options: readonly Option[]): OptionGroup[] => [{ id: '', name: '', picture: null, options }];

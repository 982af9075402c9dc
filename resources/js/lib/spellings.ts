import * as say from '@words/lib';

type Word = keyof typeof say.reads;

/** How a word of a length, a date or a time of day may be typed, in small letters. */
export const spellings = (of: Word): string[] => say.reads[of].toLowerCase().split(', ');

export const spells = (of: Word, typed: string): boolean => spellings(of).includes(typed);

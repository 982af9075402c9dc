import type { Start } from './types';
import * as say from '@words/gate';

export const PARTS = ['morning', 'afternoon', 'evening'] as const;

export const PART_NAMES: Readonly<Record<Start['part'], string>> = {
  morning: say.morning,
  afternoon: say.afternoon,
  evening: say.evening,
};

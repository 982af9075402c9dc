import { useState } from 'react';
import type { Start } from './types';

/** What somebody narrows the almanac to; "after" is a minute of the day as the business's clocks show it. */
export type Narrowed = {
  part: 'any' | 'morning' | 'afternoon' | 'evening';
  days: 'any' | 'weekdays' | 'weekends';
  after: number | null;
};

export function useNarrowed() {
  const [narrowed, setNarrowed] = useState<Narrowed>({ part: 'any', days: 'any', after: null });
  const show = (start: Start, date: string): boolean => {
    const isWeekend = [0, 6].includes(new Date(`${date}T12:00Z`).getUTCDay());
    return (
      (narrowed.part === 'any' || start.part === narrowed.part) &&
      (narrowed.days === 'any' || isWeekend === (narrowed.days === 'weekends')) &&
      (narrowed.after === null || start.minute >= narrowed.after)
    );
  };
  return { narrowed, show, narrow: (changes: Partial<Narrowed>) => setNarrowed({ ...narrowed, ...changes }) };
}

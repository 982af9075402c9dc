import { useState } from 'react';
import { clock, dateIn, minuteOfDay, moment, weekdayIn } from '../lib/format';
import type { Start } from './types';

const KEY = 'times-in-own-zone';

/** In whose time hours are shown: the business's, or where its clocks differ the client's own, which is remembered. */
export function useOwnZone(zone: string) {
  const own = Intl.DateTimeFormat().resolvedOptions().timeZone;
  const [isOwn, setOwn] = useState(() => localStorage.getItem(KEY) !== null);
  const differs = own !== zone && differ(own, zone);
  const shown = differs && isOwn ? own : zone;
  return {
    zone: shown,
    /** The one that could be shown instead; null where clocks show the same. */
    other: differs ? (shown === own ? zone : own) : null,
    toggle: () => {
      if (isOwn) {
        localStorage.removeItem(KEY);
      } else {
        localStorage.setItem(KEY, 'yes');
      }
      setOwn(!isOwn);
    },
    hour: (start: Start) => (shown === zone ? minuteOfDay(start.minute) : hourIn(start.at, shown, zone)),
  };
}

/** "01:30", or "Tue 01:30" where that is another date than at the business. */
export const hourIn = (at: string, own: string, zone: string): string =>
  dateIn(at, own) === dateIn(at, zone) ? clock(at, own) : `${weekdayIn(at, own)} ${clock(at, own)}`;

/** Whether clocks show different times there, now or half a year from now. */
const differ = (own: string, zone: string): boolean =>
  [0, 182].some((days) => {
    const at = new Date(Date.now() + days * 86_400_000).toISOString();
    return moment(at, own) !== moment(at, zone);
  });

import { useMemo, useState } from 'react';
import { clock, dateIn, minuteOfDay, moment, weekdayIn } from '../lib/format';
import type { Start } from './types';

const KEY = 'times-in-own-zone';

/**
 * In whose time hours are shown: the business's, or where clocks differ on one of the dates the client's own, which is
 * remembered.
 */
export function useOwnZone(zone: string, dates: readonly string[]) {
  const own = Intl.DateTimeFormat().resolvedOptions().timeZone;
  const [isOwn, setOwn] = useState(() => localStorage.getItem(KEY) !== null);
  const first = dates[0];
  const differs = useMemo(
    () => own !== zone && dates.some((date) => moment(`${date}T12:00Z`, own) !== moment(`${date}T12:00Z`, zone)),
    // eslint-disable-next-line react-hooks/exhaustive-deps -- the dates are those from the first one on
    [own, zone, first],
  );
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

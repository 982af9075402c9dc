import { useEffect, useRef } from 'react';
import { refusalOf } from '../lib/api';
import { addDays } from '../lib/format';
import type { Ask, Page, Quote, Start, Times, VisitAsk } from './types';
import { useAlmanac } from './useAlmanac';
import { isHeldHere, useHeld } from './useHeld';
import { ALONE } from './visits';

const DAYS = 14;

/** What a client has chosen on the Gate, and what came of it: the almanac, and the time that is held. */
export function useGate(page: Page, first: Times, firstQuote: Quote, visit: VisitAsk | null) {
  const keeping = useHeld(page);
  const { held, waiting } = keeping;
  const almanac = useAlmanac({ slug: page.business.slug, times: first, quote: firstQuote, visit }, held !== null);
  const { ask, from, start, isStale, load, pick } = almanac;

  const hold = async (at: string) => {
    almanac.say(null);
    try {
      await keeping.hold(ask, at);
    } catch (wrong) {
      almanac.unpick();
      await load(ask, from);
      almanac.say(refusalOf(wrong));
    }
    window.scrollTo(0, 0);
  };
  const letGo = async () => {
    almanac.unpick();
    if (await keeping.letGo()) {
      await load(ask, from);
    }
  };
  useBack(() => (held === null ? window.location.reload() : void letGo()));

  return {
    ask,
    from,
    times: almanac.times,
    quote: almanac.quote,
    start,
    held,
    trouble: almanac.trouble,
    keeping: keeping.keeping,
    loading: almanac.loading && !keeping.keeping,
    isStale,
    /** While other times are on their way, none of those in sight are picked. */
    pick: (chosen: Start | null) => (isStale ? undefined : pick(chosen)),
    pickAt: (at: string) => void hold(at),
    /** Another choice: the time that was picked may not be free for it. */
    choose: (changes: Partial<Ask>) => {
      pick(null);
      void load({ ...ask, ...changes }, from);
    },
    chooseService: (id: string) => {
      const places = page.services.find((one) => one.id === id)?.locations ?? [];
      pick(null);
      const location = places.length > 1 ? (places[0] ?? null) : null;
      void load({ ...ALONE, service: id, staff: null, party: 1, minutes: null, location, addOns: {} }, almanac.today);
    },
    turn: (by: 1 | -1) => void load(ask, addDays(from, by * DAYS)),
    keep: () => {
      if (start !== null && !isStale && !keeping.keeping) {
        void hold(start.at);
      }
    },
    /** What is held has changed its price. */
    put: keeping.put,
    /** Something else, and the two weeks in which that is free. */
    chooseFrom: (changes: Partial<Ask>, day: string) => void load({ ...ask, ...changes }, day),
    /** The two weeks from a date on. */
    goTo: (date: string) => void load(ask, date),
    /** Another time: what was held is free again at once, as it is by the way back. */
    letGo: () => (isHeldHere() ? window.history.back() : void letGo()),
    /** A time that this browser left waiting. */
    waiting,
    goOn: keeping.goOn,
  };
}

/** Somebody goes back, or forward again: the address says what they had chosen. */
function useBack(does: () => void) {
  const latest = useRef(does);
  useEffect(() => {
    latest.current = does;
  });
  useEffect(() => {
    const back = () => latest.current();
    window.addEventListener('popstate', back);
    return () => window.removeEventListener('popstate', back);
  }, []);
}

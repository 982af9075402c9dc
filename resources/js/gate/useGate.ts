import { useEffect, useRef, useState } from 'react';
import { api, refusalOf, unwrap, type Refusal } from '../lib/api';
import { addDays } from '../lib/format';
import { addressOf, startOfLink } from './address';
import { queryOf } from './ask';
import { codeOfLink, nameCodes } from './codes';
import { held as heldHere, kept, knownOf } from './kept';
import { useLatest } from './latest';
import { sealed } from './sealed';
import type { Ask, Booking, Known, Page, Quote, Start, Times, VisitAsk } from './types';
import { ALONE } from './visits';

const DAYS = 14;
/** How often the open times are asked again while somebody looks: others book too. */
const REFRESH_MS = 30_000;

/** What a client has chosen on the Gate, and what came of it. */
export function useGate(page: Page, first: Times, firstQuote: Quote, visit: VisitAsk | null) {
  const slug = page.business.slug;
  const [ask, setAsk] = useState<Ask>({
    service: first.service,
    staff: first.staff,
    party: first.party,
    minutes: first.minutes,
    location: first.location,
    addOns: {},
    ...(visit ?? ALONE),
  });
  const [from, setFrom] = useState(first.from);
  const [times, setTimes] = useState(first);
  const [quote, setQuote] = useState(firstQuote);
  const [start, setStart] = useState<Start | null>(
    () => first.days.flatMap((day) => day.starts).find((one) => one.at === startOfLink()) ?? null,
  );
  const [held, setHeld] = useState<Booking | null>(null);
  const [waiting, setWaiting] = useState<Booking | null>(null);
  const [trouble, setTrouble] = useState<Refusal | null>(null);
  const [busy, setBusy] = useState<'keeping' | 'loading' | null>(null);
  const [shown, setShown] = useState(() => keyOf(ask, first.from));
  /** Whether the times in sight are those of another question than is asked by now. */
  const isStale = shown !== keyOf(ask, from);
  const asking = useLatest();
  const pricing = useLatest();

  const load = async (wanted: Ask, day: string) => {
    setAsk(wanted);
    setFrom(day);
    const address = addressOf(wanted, day, first.today);
    if (address !== window.location.search) {
      window.history.pushState(null, '', address);
    }
    setBusy('loading');
    pricing.drop();
    await asking.ask(
      (signal) =>
        Promise.all([unwrap(timesOf(slug, wanted, day, signal)), unwrap(quoteOf(slug, queryOf(wanted), signal))]),
      ([found, priced]) => {
        setTimes(found);
        setQuote(priced);
        setShown(keyOf(wanted, day));
        setBusy(null);
      },
      (wrong) => {
        setTrouble(refusalOf(wrong));
        setBusy(null);
      },
    );
  };

  useEffect(() => {
    const again = setInterval(() => {
      if (held === null && document.visibilityState === 'visible' && !asking.isAsking()) {
        void asking.ask((signal) => unwrap(timesOf(slug, ask, from, signal)), setTimes);
      }
    }, REFRESH_MS);
    return () => clearInterval(again);
  }, [slug, ask, from, held, asking]);

  /** Some hours cost more than others: what this one does is asked for, and counts if it still is the one. */
  const pick = (chosen: Start | null) => {
    setStart(chosen);
    setTrouble(null);
    pricing.drop();
    if (chosen !== null) {
      void pricing.ask((signal) => unwrap(quoteOf(slug, { ...queryOf(ask), at: chosen.at }, signal)), setQuote);
    }
  };

  usePriceOfLink(start, pick, () => {
    void pricing.ask((signal) => unwrap(quoteOf(slug, queryOf(ask), signal)), setQuote);
  });

  const hold = async (at: string) => {
    setBusy('keeping');
    setTrouble(null);
    try {
      const body = { ...ask, then: [...ask.then], start: at, ...whoKnown(slug) };
      const booking = await unwrap(api.POST('/gate-api/pages/{slug}/holds', { params: { path: { slug } }, body }));
      window.history.pushState(HELD, '');
      heldHere.keep(slug, booking);
      setWaiting(null);
      setHeld(page.codes && codeOfLink() !== '' ? await withCodeOfLink(booking) : booking);
      window.scrollTo(0, 0);
      setBusy(null);
    } catch (wrong) {
      setStart(null);
      await load(ask, from);
      setTrouble(refusalOf(wrong));
      window.scrollTo(0, 0);
    }
  };

  useHeldBefore(slug, setHeld, setWaiting);

  const letGo = () => {
    const before = held ?? waiting;
    heldHere.forget(slug);
    setWaiting(null);
    setHeld(null);
    setStart(null);
    if (before !== null) {
      const freed = api.POST('/gate-api/bookings/{id}/cancel', sealed(before));
      void freed.then(() => load(ask, from));
    }
  };
  useBack(() => (held === null ? window.location.reload() : letGo()));

  return {
    ask,
    from,
    times,
    quote,
    start,
    held,
    trouble,
    keeping: busy === 'keeping',
    loading: busy === 'loading',
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
      void load({ ...ALONE, service: id, staff: null, party: 1, minutes: null, location, addOns: {} }, times.today);
    },
    turn: (by: 1 | -1) => void load(ask, addDays(from, by * DAYS)),
    keep: () => {
      if (start !== null && !isStale && busy !== 'keeping') {
        void hold(start.at);
      }
    },
    /** What is held has changed its price. */
    put: setHeld,
    /** Something else, and the two weeks in which that is free. */
    chooseFrom: (changes: Partial<Ask>, day: string) => void load({ ...ask, ...changes }, day),
    /** The two weeks from a date on. */
    goTo: (date: string) => void load(ask, date),
    /** Another time: what was held is free again at once, as it is by the way back. */
    letGo: () => (isHeldHere() ? window.history.back() : letGo()),
    /** A time that this browser left waiting. */
    waiting,
    goOn: () => {
      if (waiting !== null && waiting.client === null) {
        window.history.pushState(HELD, '');
        setHeld(waiting);
        setWaiting(null);
      } else if (waiting !== null) {
        window.location.assign(waiting.link);
      }
    },
  };
}

const keyOf = (ask: Ask, from: string): string => JSON.stringify([ask, from]);

/** What the history keeps of the page on which a time is held. */
const HELD = { held: true };

const isHeldHere = (): boolean => {
  const state: unknown = window.history.state;
  return typeof state === 'object' && state !== null && 'held' in state;
};

/** A start that a link names has its own price, and so has a code: it is asked for once. */
function usePriceOfLink(start: Start | null, pick: (start: Start) => void, reprice: () => void) {
  const first = useRef({ start, pick, reprice });
  useEffect(() => {
    if (first.current.start !== null) {
      first.current.pick(first.current.start);
    } else if (codeOfLink() !== '') {
      first.current.reprice();
    }
  }, []);
}

/**
 * A time that this tab held before a reload, or before the payment page, is held still; one that another tab, or an
 * earlier visit, left waiting is offered.
 */
function useHeldBefore(slug: string, onHeld: (booking: Booking) => void, onWaiting: (booking: Booking) => void) {
  const show = useRef({ onHeld, onWaiting });
  useEffect(() => {
    const before = heldHere.kept(slug);
    if (before === null) {
      return;
    }
    const isHere = isHeldHere();
    unwrap(api.GET('/gate-api/bookings/{id}', sealed(before))).then(
      (booking) => {
        if (isHere && ['held', 'expired'].includes(booking.state)) {
          show.current.onHeld(booking);
        } else if (isHere) {
          window.location.assign(booking.link);
        } else if (booking.state === 'held') {
          show.current.onWaiting(booking);
        } else {
          heldHere.forget(slug);
        }
      },
      () => heldHere.forget(slug),
    );
  }, [slug]);
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

/** The link of a booking of their own that led here: whoever is known is not locked out, and may have own prices. */
function whoKnown(slug: string): { known?: string } {
  const known = kept<Known>(knownOf(slug))?.link;
  return known === undefined ? {} : { known };
}

/** With the code that the link brought along, it counts from the first price on. */
const quoteOf = (slug: string, query: ReturnType<typeof queryOf> & { at?: string }, signal: AbortSignal) => {
  const [code, asked] = [codeOfLink(), { ...query, ...whoKnown(slug) }];
  return code === ''
    ? api.GET('/gate-api/pages/{slug}/quote', { params: { path: { slug }, query: asked }, signal })
    : api.GET('/gate-api/pages/{slug}/code-quote', { params: { path: { slug }, query: { ...asked, code } }, signal });
};

const timesOf = (slug: string, ask: Ask, from: string, signal: AbortSignal) =>
  api.GET('/gate-api/pages/{slug}/open-times', {
    params: { path: { slug }, query: { ...queryOf(ask), from } },
    signal,
  });

/** The code is named as soon as a time is held; where that fails, its field says why. */
async function withCodeOfLink(held: Booking): Promise<Booking> {
  try {
    return (await nameCodes(held, [codeOfLink()])).booking;
  } catch {
    return held;
  }
}

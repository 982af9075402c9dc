import { useEffect, useRef, useState } from 'react';
import { api, refusalOf, unwrap, type Refusal } from '../lib/api';
import { addressOf, startOfLink } from './address';
import { queryOf } from './ask';
import { codeOfLink } from './codes';
import { useLatest } from './latest';
import type { Ask, Quote, Start, Times, VisitAsk } from './types';
import { ALONE } from './visits';
import { whoKnown } from './whoKnown';

/** How often the open times are asked again while somebody looks: others book too. */
const REFRESH_MS = 30_000;

type First = { slug: string; times: Times; quote: Quote; visit: VisitAsk | null };

/**
 * What is asked of the almanac, its newest times, the one that is picked, and what that costs.
 *
 * @param isHeld a time is held: the almanac is not in sight
 */
export function useAlmanac({ slug, times: first, quote: firstQuote, visit }: First, isHeld: boolean) {
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
  const [trouble, setTrouble] = useState<Refusal | null>(null);
  const [loading, setLoading] = useState(false);
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
    setLoading(true);
    pricing.drop();
    await asking.ask(
      (signal) =>
        Promise.all([unwrap(timesOf(slug, wanted, day, signal)), unwrap(quoteOf(slug, queryOf(wanted), signal))]),
      ([found, priced]) => {
        setTimes(found);
        setQuote(priced);
        setShown(keyOf(wanted, day));
        setLoading(false);
      },
      (wrong) => {
        setTrouble(refusalOf(wrong));
        setLoading(false);
      },
    );
  };

  useEffect(() => {
    const again = setInterval(() => {
      if (!isHeld && document.visibilityState === 'visible' && !asking.isAsking()) {
        void asking.ask((signal) => unwrap(timesOf(slug, ask, from, signal)), setTimes);
      }
    }, REFRESH_MS);
    return () => clearInterval(again);
  }, [slug, ask, from, isHeld, asking]);

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

  return {
    ask,
    from,
    today: first.today,
    times,
    quote,
    start,
    trouble,
    loading,
    isStale,
    load,
    pick,
    /** The time that was picked is not to be had, or let go again. */
    unpick: () => setStart(null),
    say: setTrouble,
  };
}

const keyOf = (ask: Ask, from: string): string => JSON.stringify([ask, from]);

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

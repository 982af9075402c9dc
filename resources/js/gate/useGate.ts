import { useEffect, useState } from 'react';
import { api, refusalOf, unwrap, type Refusal } from '../lib/api';
import { addDays } from '../lib/format';
import type { Booking, Page, Start, Times } from './types';

const DAYS = 14;
/** How often the open times are asked again while somebody looks: others book too. */
const REFRESH_MS = 30_000;

/** What a client has chosen on the Gate, and what came of it. */
export function useGate(page: Page, first: Times) {
  const slug = page.business.slug;
  const [ask, setAsk] = useState({ service: first.service, staff: first.staff, from: first.from, party: first.party });
  const [times, setTimes] = useState(first);
  const [start, setStart] = useState<Start | null>(null);
  const [held, setHeld] = useState<Booking | null>(null);
  const [trouble, setTrouble] = useState<Refusal | null>(null);
  const [busy, setBusy] = useState<'keeping' | 'loading' | null>(null);

  const load = async (wanted: typeof ask) => {
    setAsk(wanted);
    setBusy('loading');
    try {
      setTimes(await unwrap(timesOf(slug, wanted)));
    } catch (wrong) {
      setTrouble(refusalOf(wrong));
    }
    setBusy(null);
  };

  useEffect(() => {
    const again = setInterval(() => {
      if (held === null && document.visibilityState === 'visible') {
        unwrap(timesOf(slug, ask)).then(setTimes, () => undefined);
      }
    }, REFRESH_MS);
    return () => clearInterval(again);
  }, [slug, ask, held]);

  const pick = (chosen: Start | null) => {
    setStart(chosen);
    setTrouble(null);
  };

  const hold = async (at: string) => {
    setBusy('keeping');
    setTrouble(null);
    try {
      const body = { service: ask.service, staff: ask.staff, start: at, party: ask.party };
      setHeld(await unwrap(api.POST('/gate-api/pages/{slug}/holds', { params: { path: { slug } }, body })));
      window.scrollTo(0, 0);
      setBusy(null);
    } catch (wrong) {
      setStart(null);
      await load(ask);
      setTrouble(refusalOf(wrong));
      window.scrollTo(0, 0);
    }
  };

  return {
    ...ask,
    times,
    start,
    held,
    trouble,
    keeping: busy === 'keeping',
    loading: busy === 'loading',
    pick,
    pickAt: (at: string) => void hold(at),
    chooseService: (service: string) => {
      pick(null);
      void load({ service, staff: null, from: times.today, party: 1 });
    },
    chooseStaff: (staff: string | null) => {
      pick(null);
      void load({ ...ask, staff });
    },
    chooseParty: (party: number) => {
      pick(null);
      void load({ ...ask, party });
    },
    turn: (by: 1 | -1) => void load({ ...ask, from: addDays(ask.from, by * DAYS) }),
    keep: () => {
      if (start !== null) {
        void hold(start.at);
      }
    },
    /** Another time: what was held is free again at once. */
    letGo: () => {
      const before = held;
      setHeld(null);
      setStart(null);
      if (before !== null) {
        const letGo = api.POST('/gate-api/bookings/{id}/cancel', sealed(before));
        void letGo.then(() => load(ask));
      }
    },
  };
}

type Ask = { service: string; staff: string | null; from: string; party: number };

const timesOf = (slug: string, { service, staff, from, party }: Ask) =>
  api.GET('/gate-api/pages/{slug}/open-times', {
    params: { path: { slug }, query: { service, from, party, ...(staff === null ? {} : { staff }) } },
  });

/** The path and seal with which a booking is spoken of. */
export function sealed(booking: Booking) {
  const seal = new URLSearchParams(booking.query);
  return {
    params: { path: { id: booking.id }, query: { until: seal.get('until') ?? '', seal: seal.get('seal') ?? '' } },
  };
}

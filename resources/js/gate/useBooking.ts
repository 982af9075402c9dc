import { useEffect, useState } from 'react';
import { api, refusalOf, unwrap, type Refusal } from '../lib/api';
import { askAgain } from './askAgain';
import { detailsOf, forget, held } from './kept';
import { useLatest } from './latest';
import { sealed } from './sealed';
import type { Booking } from './types';

/** What is being changed of it: all of it, or a part of a visit. */
export type Changing =
  | { what: 'party' | 'details' }
  | { what: 'move' | 'cancel'; of: Pick<Booking, 'id' | 'query' | 'service' | 'staff'>; alone: boolean };

/** How long somebody who comes back from the payment page is told that we ask what became of it. */
const PATIENCE_MS = 60_000;

/** Whether a payment may have been made a moment ago that nobody has told us of yet. */
function useAsksPayment(booking: Booking): boolean {
  const [isTired, setTired] = useState(false);
  const [cameBack] = useState(() => new URLSearchParams(window.location.search).has('back'));
  useEffect(() => {
    const timer = setTimeout(() => setTired(true), PATIENCE_MS);
    return () => clearTimeout(timer);
  }, []);
  return cameBack && !isTired && booking.asksPayment;
}

/** A booking by its link, as it is by now, and what is done to it. */
export function useBooking(first: Booking) {
  const [booking, setBooking] = useState(first);
  const [changing, setChanging] = useState<Changing | null>(null);
  const [trouble, setTrouble] = useState<Refusal | null>(null);
  const [busy, setBusy] = useState(false);
  const [tries, setTries] = useState(0);
  const watching = useLatest();
  const asksPayment = useAsksPayment(booking);
  const waits = booking.state === 'held' || asksPayment;
  useEffect(() => {
    if (!waits) {
      return undefined;
    }
    return askAgain(() =>
      watching.ask((signal) => unwrap(api.GET('/gate-api/bookings/{id}', { ...sealed(first), signal })), setBooking),
    );
  }, [waits, first, watching]);

  useEffect(() => {
    if (!waits) {
      forget(detailsOf(first.business.slug));
      held.forget(first.business.slug);
    }
  }, [waits, first]);

  const change = async (asked: Promise<Booking>) => {
    setBusy(true);
    watching.drop(); // what it was before is no longer wanted
    try {
      setBooking(await asked);
      setTrouble(null);
      setChanging(null);
      window.scrollTo(0, 0);
    } catch (wrong) {
      setTrouble(refusalOf(wrong));
      setTries((before) => before + 1);
    }
    setBusy(false);
  };
  return {
    booking,
    changing,
    trouble,
    busy,
    asksPayment,
    tries,
    put: (now: Booking) => {
      watching.drop();
      setBooking(now);
    },
    open: (what: Changing | null) => {
      setTrouble(null);
      setChanging(what);
    },
    cancel: (of: Pick<Booking, 'id' | 'query'>, alone: boolean, seen: string) =>
      void change(unwrap(api.POST('/gate-api/bookings/{id}/cancel', { ...sealed(of), body: { alone, seen } }))),
    move: (of: Pick<Booking, 'id' | 'query'>, start: string, staff: string | null, alone: boolean) =>
      void change(unwrap(api.POST('/gate-api/bookings/{id}/move', { ...sealed(of), body: { start, staff, alone } }))),
    changeParty: (party: number, seen: string) =>
      void change(unwrap(api.POST('/gate-api/bookings/{id}/party', { ...sealed(booking), body: { party, seen } }))),
    changeDetails: (note: string, answers: Record<string, string | string[]>) =>
      void change(unwrap(api.POST('/gate-api/bookings/{id}/details', { ...sealed(booking), body: { note, answers } }))),
  };
}

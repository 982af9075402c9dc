import { useEffect, useRef, useState } from 'react';
import { api, unwrap } from '../lib/api';
import { codeOfLink, nameCodes } from './codes';
import { held as heldHere } from './kept';
import { sealed } from './sealed';
import type { Ask, Booking, Page } from './types';
import { whoKnown } from './whoKnown';

/** The time that is held for whoever looks at the page, and one that this browser left waiting. */
export function useHeld(page: Page) {
  const slug = page.business.slug;
  const [held, setHeld] = useState<Booking | null>(null);
  const [waiting, setWaiting] = useState<Booking | null>(null);
  const [keeping, setKeeping] = useState(false);
  const underWay = useRef(false);

  /** @throws Refusal where it is not to be had */
  const hold = async (ask: Ask, at: string) => {
    if (underWay.current) {
      return; // pressed twice
    }
    underWay.current = true;
    setKeeping(true);
    try {
      const body = { ...ask, then: [...ask.then], start: at, ...whoKnown(slug) };
      const booking = await unwrap(api.POST('/gate-api/pages/{slug}/holds', { params: { path: { slug } }, body }));
      window.history.pushState(HELD, '');
      heldHere.keep(slug, booking);
      setWaiting(null);
      setHeld(page.codes && codeOfLink() !== '' ? await withCodeOfLink(booking) : booking);
    } finally {
      underWay.current = false;
      setKeeping(false);
    }
  };

  useHeldBefore(slug, setHeld, setWaiting);

  /** What was held is free again: for whoever asks after it, once that is answered. */
  const letGo = async () => {
    const before = held ?? waiting;
    heldHere.forget(slug);
    setWaiting(null);
    setHeld(null);
    if (before === null) {
      return false;
    }
    const freed = unwrap(api.POST('/gate-api/bookings/{id}/cancel', sealed(before)));
    await freed.catch(() => undefined); // then it ends by itself
    return true;
  };

  return {
    held,
    waiting,
    keeping,
    hold,
    letGo,
    put: setHeld,
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

/** What the history keeps of the page on which a time is held. */
const HELD = { held: true };

/** Whether the page that is shown is the one on which a time is held. */
export const isHeldHere = (): boolean => {
  const state: unknown = window.history.state;
  return typeof state === 'object' && state !== null && 'held' in state;
};

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

/** The code is named as soon as a time is held; where that fails, its field says why. */
async function withCodeOfLink(held: Booking): Promise<Booking> {
  try {
    return (await nameCodes(held, [codeOfLink()])).booking;
  } catch {
    return held;
  }
}

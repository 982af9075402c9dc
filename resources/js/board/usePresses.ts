import { useQueryClient } from '@tanstack/react-query';
import { useEffect, useRef, useState } from 'react';
import { answered } from '../lib/answered';
import { refusalOf, type Schemas } from '../lib/api';
import { card as cardQuery } from '../lib/queries';
import { outdated } from '../lib/outdated';
import { isTunnel, later, send, sendWaiting, waiting } from './tunnel';
import { showProgressAtOnce } from './showProgressAtOnce';
import { written } from './ruler';
import * as say from '@words/board';

/** ms after which what waits is tried again */
const AGAIN = 8_000;

/** Says how far a visit is, also in a tunnel: then it is kept, and sent once there is a network again. */
export function usePresses(business: string) {
  const queries = useQueryClient();
  const [kept, setKept] = useState(() => waiting().length);
  const [trouble, setTrouble] = useState<string | null>(null);
  const [busy, setBusy] = useState(false);
  const underWay = useRef(false);
  const refresh = () => outdated(queries, 'booking', business);
  const flush = async () => {
    if (underWay.current || waiting().length === 0) {
      return;
    }
    underWay.current = true;
    const { sent, refused } = await sendWaiting();
    underWay.current = false;
    setKept(waiting().length);
    setTrouble(refused[0] ?? null);
    if (sent + refused.length > 0) {
      await refresh();
    }
  };
  const latest = useRef(flush);
  useEffect(() => {
    latest.current = flush;
  });
  useEffect(() => {
    const go = () => void latest.current();
    const timer = window.setInterval(go, AGAIN);
    window.addEventListener('online', go);
    go();
    return () => {
      window.clearInterval(timer);
      window.removeEventListener('online', go);
    };
  }, []);
  const press = async (id: string, state: Schemas['VisitProgress']['state'], undo: boolean) => {
    const one = { business, id, state, undo, at: written(Math.floor(Date.now() / 60_000) * 60_000) };
    setBusy(true);
    setTrouble(null);
    if (!undo) {
      showProgressAtOnce(queries, business, id, state);
    }
    try {
      if (waiting().length > 0) {
        throw new Error(say.keptForLater); // one after the other
      }
      const card: Schemas['Card'] = await send(one);
      await answered(queries, cardQuery(business, id).queryKey, card);
      await refresh();
    } catch (wrong) {
      if (isTunnel(wrong) || waiting().length > 0) {
        later(one);
        setKept(waiting().length);
        void flush();
      } else {
        setTrouble(refusalOf(wrong).message);
        await refresh();
      }
    } finally {
      setBusy(false);
    }
  };
  /** The same of several, one after the other. */
  const pressAll = async (ids: readonly string[], state: Schemas['VisitProgress']['state']) => {
    for (const id of ids) {
      await press(id, state, false);
    }
  };
  return { kept, trouble, busy, press, pressAll };
}

export type Presses = ReturnType<typeof usePresses>;

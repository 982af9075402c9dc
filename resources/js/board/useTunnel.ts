import { useQueryClient } from '@tanstack/react-query';
import { outdated } from '../lib/outdated';
import { useEffect } from 'react';
import { sendWaiting, waiting } from './tunnel';

/** ms after which what waits is tried again */
const AGAIN = 8_000;

/** What was pressed or noted without a network is sent as soon as there is one, in whatever room somebody is. */
export function useTunnel(business: string) {
  const queries = useQueryClient();
  useEffect(() => {
    const go = async () => {
      if (waiting().length > 0 && (await sendWaiting()).sent > 0) {
        await outdated(queries, 'booking', business);
      }
    };
    const send = () => void go();
    const timer = window.setInterval(send, AGAIN);
    window.addEventListener('online', send);
    return () => {
      window.clearInterval(timer);
      window.removeEventListener('online', send);
    };
  }, [queries, business]);
}

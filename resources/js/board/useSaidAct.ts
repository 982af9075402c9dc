import { useState } from 'react';
import { refusalOf, unwrap } from '../lib/api';
import { useNotices } from '../ui/Notices';

type Answer = Parameters<typeof unwrap<unknown>>[0];

/** Does something of which nothing is seen but that it was done: that is said, or what stood in its way. */
export function useSaidAct(done: string) {
  const notices = useNotices();
  const [trouble, setTrouble] = useState<string | null>(null);
  const [busy, setBusy] = useState(false);
  /** Whether it was done. */
  const act = async (asked: Answer) => {
    setBusy(true);
    setTrouble(null);
    try {
      await unwrap(asked);
      notices.say(done);
      return true;
    } catch (wrong) {
      setTrouble(refusalOf(wrong).message);
      return false;
    } finally {
      setBusy(false);
    }
  };
  return { busy, trouble, act };
}

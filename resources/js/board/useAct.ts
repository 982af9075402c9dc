import { useState } from 'react';
import { refusalOf, unwrap } from '../lib/api';

/** Does one thing after the other: what was in the way of the last is a sentence, and nothing is pressed twice. */
export function useAct<T>(onDone: (answer: T) => void, onRefused?: () => void) {
  const [trouble, setTrouble] = useState<string | null>(null);
  const [busy, setBusy] = useState(false);
  /** Whether it was done. */
  const act = async (asked: Parameters<typeof unwrap<T>>[0]) => {
    setBusy(true);
    setTrouble(null);
    try {
      onDone(await unwrap(asked));
      return true;
    } catch (wrong) {
      setTrouble(refusalOf(wrong).message);
      onRefused?.();
      return false;
    } finally {
      setBusy(false);
    }
  };
  return { busy, trouble, act };
}

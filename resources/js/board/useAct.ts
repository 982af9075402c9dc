import { useState } from 'react';
import { refusalOf, unwrap } from '../lib/api';
import { useNotices } from '../ui/Notices';

/** Does one thing after the other: what was in the way of the last is a sentence, and nothing is pressed twice. */
export function useAct<T>(onDone: (answer: T) => void | Promise<void>, onRefused?: () => void) {
  const [trouble, setTrouble] = useState<string | null>(null);
  const [busy, setBusy] = useState(false);
  const { clear } = useNotices();
  /** What came of it; null where it was not done. */
  const act = async (asked: Parameters<typeof unwrap<T>>[0]) => {
    setBusy(true);
    setTrouble(null);
    clear(); // what was said before belongs to another act
    try {
      const answer = await unwrap(asked);
      await onDone(answer);
      return answer;
    } catch (wrong) {
      setTrouble(refusalOf(wrong).message);
      onRefused?.();
      return null;
    } finally {
      setBusy(false);
    }
  };
  return { busy, trouble, act };
}

import { useEffect, useState } from 'react';

/** A value once it has not changed for a while (ms): slow enough to be asked about. */
export function useSettled<T>(value: T, wait: number): T {
  const [settled, setSettled] = useState(value);
  const key = JSON.stringify(value);
  useEffect(() => {
    const timer = window.setTimeout(() => setSettled(value), wait);
    return () => window.clearTimeout(timer);
    // eslint-disable-next-line react-hooks/exhaustive-deps -- by what it says, not by which object says it
  }, [key, wait]);
  return settled;
}

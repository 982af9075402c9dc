import { useEffect, useState } from 'react';

/** ms after which nobody books over others any more without saying so again */
const LASTS = 120_000;

/** The mode in which what is booked or moved may lie over others on purpose; it ends by itself. */
export function useDoubling() {
  const [on, setOn] = useState(false);
  useEffect(() => {
    if (!on) {
      return;
    }
    const timer = window.setTimeout(() => setOn(false), LASTS);
    return () => window.clearTimeout(timer);
  }, [on]);
  return { on, toggle: () => setOn((before) => !before) };
}

export type Doubling = ReturnType<typeof useDoubling>;

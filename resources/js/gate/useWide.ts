import { useSyncExternalStore } from 'react';

const WIDE = window.matchMedia('(min-width: 48rem)');

/** Whether there is room for a ruler; a phone is not made to draw what it does not show. */
export const useWide = (): boolean => useSyncExternalStore(subscribe, () => WIDE.matches);

function subscribe(changed: () => void): () => void {
  WIDE.addEventListener('change', changed);
  return () => WIDE.removeEventListener('change', changed);
}

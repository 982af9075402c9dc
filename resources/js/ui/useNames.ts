import { useSyncExternalStore } from 'react';
import * as say from '@words/ui';

const KEY = 'names-hidden';

let hidden = sessionStorage.getItem(KEY) === 'yes';
const listeners = new Set<() => void>();

function toggle() {
  hidden = !hidden;
  sessionStorage.setItem(KEY, hidden ? 'yes' : 'no');
  listeners.forEach((tell) => tell());
}

function subscribe(tell: () => void) {
  listeners.add(tell);
  return () => listeners.delete(tell);
}

/**
 * Whether clients' names may be read: hidden, nobody at the counter reads them, and no screen reader says them. It
 * stays so in this window until somebody asks for them.
 */
export function useNames() {
  const areHidden = useSyncExternalStore(subscribe, () => hidden);
  return { hidden: areHidden, toggle, shown: (name: string): string => (areHidden ? say.nameHidden : name) };
}

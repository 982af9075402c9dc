import { useState } from 'react';

/**
 * Which of several is open. Whoever closes says which: an act that ends late closes its own, and leaves what has been
 * opened since.
 */
export function useOpened<T>() {
  const [open, setOpen] = useState<T | null>(null);
  return { open, show: setOpen, close: (which: T) => setOpen((now) => (now === which ? null : now)) };
}

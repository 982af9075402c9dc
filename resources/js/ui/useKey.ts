import { useEffect, useRef } from 'react';
import { isTypedInto } from './isTypedInto';

/** Does something when a key is pressed anywhere but where keys are text. */
export function useKey(key: string, does: () => void) {
  const latest = useRef(does);
  useEffect(() => {
    latest.current = does;
  });
  useEffect(() => {
    const press = (event: globalThis.KeyboardEvent) => {
      const plain = !event.ctrlKey && !event.altKey && !event.metaKey;
      if (event.key === key && plain && !isTypedInto(event.target)) {
        event.preventDefault();
        latest.current();
      }
    };
    document.addEventListener('keydown', press);
    return () => document.removeEventListener('keydown', press);
  }, [key]);
}

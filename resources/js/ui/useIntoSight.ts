import { useEffect, useRef } from 'react';

/** What wants an answer comes into sight and takes the focus, once for each thing that it is about (`of`). */
export function useIntoSight<Box extends HTMLElement>(of: unknown) {
  const box = useRef<Box>(null);
  useEffect(() => {
    if (of !== null && of !== undefined) {
      show(box.current);
    }
  }, [of]);
  return box;
}

/** The first field that is wrong, when a "no" has come. */
export function useFirstWrong(refused: unknown): void {
  useEffect(() => {
    if (refused !== null && refused !== undefined) {
      show(document.querySelector<HTMLElement>('[aria-invalid="true"]'));
    }
  }, [refused]);
}

function show(box: HTMLElement | null): void {
  box?.scrollIntoView({ block: 'center' });
  box?.focus({ preventScroll: true });
}

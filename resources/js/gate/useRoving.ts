import { useLayoutEffect, useRef, type FocusEvent, type KeyboardEvent } from 'react';

const STOPS = 'button:not(:disabled)';

/**
 * Many buttons as one stop of the Tab key: arrows go from one to the next, and up and down to the nearest of the row
 * above or below. Rows are elements marked data-row. The stop is the button that was used last, or the chosen one, or
 * the first.
 */
export function useRoving() {
  const box = useRef<HTMLElement>(null);
  const last = useRef<string | null>(null);

  useLayoutEffect(() => {
    const stops = stopsOf(box.current);
    const stop =
      stops.find((one) => one.contains(document.activeElement)) ??
      stops.find((one) => one.getAttribute('aria-pressed') === 'true') ??
      stops.find((one) => one.dataset['stop'] === last.current) ??
      stops[0];
    for (const one of stops) {
      one.tabIndex = one === stop ? 0 : -1;
    }
  });

  const onFocus = (event: FocusEvent<HTMLElement>) => {
    const stop = event.target.closest<HTMLElement>(STOPS);
    if (stop === null) {
      return;
    }
    last.current = stop.dataset['stop'] ?? null;
    for (const one of stopsOf(box.current)) {
      one.tabIndex = one === stop ? 0 : -1;
    }
  };

  const onKeyDown = (event: KeyboardEvent<HTMLElement>) => {
    const stops = stopsOf(box.current);
    const at = stops.findIndex((one) => one === document.activeElement);
    const to = at < 0 ? undefined : next(stops, at, event.key);
    if (to !== undefined) {
      event.preventDefault();
      to.focus();
    }
  };

  return { ref: box, onFocus, onKeyDown };
}

/** Those that can be seen: on a phone the rows are folded in another way. */
const stopsOf = (box: HTMLElement | null): HTMLElement[] =>
  [...(box?.querySelectorAll<HTMLElement>(STOPS) ?? [])].filter((one) => one.offsetParent !== null);

function next(stops: readonly HTMLElement[], at: number, key: string): HTMLElement | undefined {
  switch (key) {
    case 'ArrowRight':
      return stops[at + 1];
    case 'ArrowLeft':
      return stops[at - 1];
    case 'Home':
      return stops[0];
    case 'End':
      return stops.at(-1);
    case 'ArrowDown':
    case 'ArrowUp':
      return beside(stops, at, key === 'ArrowDown' ? 1 : -1);
    default:
      return undefined;
  }
}

/** The nearest button of the next row that has any. */
function beside(stops: readonly HTMLElement[], at: number, by: 1 | -1): HTMLElement | undefined {
  const rowOf = (one: HTMLElement | undefined) => one?.closest('[data-row]');
  const here = stops[at];
  let i = at;
  while (stops[i] !== undefined && rowOf(stops[i]) === rowOf(here)) {
    i += by;
  }
  const row = rowOf(stops[i]);
  const middle = (one: HTMLElement) => one.getBoundingClientRect().left + one.offsetWidth / 2;
  const wanted = here === undefined ? 0 : middle(here);
  return stops
    .filter((one) => rowOf(one) === row && row !== undefined)
    .sort((a, b) => Math.abs(middle(a) - wanted) - Math.abs(middle(b) - wanted))[0];
}

const STOPS = 'input, select, textarea, button, summary, a[href], [tabindex="0"]';

/** Goes on from a field as the tabulator does. */
export function focusNext(from: HTMLElement): void {
  const stops = [...document.querySelectorAll<HTMLElement>(STOPS)].filter(
    (one) => one === from || (one.tabIndex >= 0 && !one.matches(':disabled') && one.getClientRects().length > 0),
  );
  stops[stops.indexOf(from) + 1]?.focus();
}

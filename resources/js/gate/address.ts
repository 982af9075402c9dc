import type { Ask } from './types';

/**
 * The address of what is chosen, by which it can be shared and found again (GateLink reads it). What else a link says
 * stays in it: a code, a language, answers.
 */
export function addressOf({ service, staff, party, minutes, location }: Ask, from: string, today: string): string {
  const said = new URLSearchParams(window.location.search);
  const parts = {
    service,
    with: staff,
    place: location,
    minutes,
    party: party > 1 ? party : null,
    from: from > today ? from : null,
    at: null,
  };
  for (const [name, value] of Object.entries(parts)) {
    if (value === null) {
      said.delete(name);
    } else {
      said.set(name, String(value));
    }
  }
  return `?${said.toString()}`;
}

/** The start that a link names, where it is to be had. */
export const startOfLink = (): string | null => new URLSearchParams(window.location.search).get('at');

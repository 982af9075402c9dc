import type { Ask, Then } from './types';

/**
 * The address of what is chosen, by which it can be shared and found again (GateLink reads it). What else a link says
 * stays in it: a code, a language, answers.
 */
export function addressOf(ask: Ask, from: string, today: string): string {
  const { service, staff, party, minutes, location, then, maxWait, anyOrder, samePerson } = ask;
  const isVisit = then.length > 0;
  const query = new URLSearchParams(window.location.search);
  if (DATE.test(query.get('from') ?? '')) {
    query.delete('from'); // as older links have it; anything else in it is somebody’s own word
  }
  const parts = {
    service,
    with: staff,
    place: location,
    minutes,
    party: party > 1 ? party : null,
    then: isVisit ? then.map(said).join(',') : null,
    wait: isVisit && maxWait > 0 ? maxWait : null,
    order: isVisit && anyOrder ? 'any' : null,
    same: isVisit && samePerson ? 1 : null,
    day: from > today ? from : null,
    at: null,
  };
  for (const [name, value] of Object.entries(parts)) {
    if (value === null) {
      query.delete(name);
    } else {
      query.set(name, String(value));
    }
  }
  return `?${query.toString()}`;
}

const DATE = /^\d{4}-\d{2}-\d{2}$/;

/** "SERVICE/with/STAFF/for/MINUTES" */
const said = ({ service, staff, minutes }: Then): string =>
  `${service}${staff === null ? '' : `/with/${staff}`}${minutes === null ? '' : `/for/${minutes}`}`;

/** The start that a link names, where it is to be had. */
export const startOfLink = (): string | null => new URLSearchParams(window.location.search).get('at');

/** The address without what opens somebody's own booking: it may be shared. */
export function withoutSeal(): string {
  const query = new URLSearchParams(window.location.search);
  for (const name of ['of', 'until', 'seal']) {
    query.delete(name);
  }
  return `?${query.toString()}`;
}

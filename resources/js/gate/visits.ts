import type { Ask, Page, Service, Then, VisitAsk } from './types';

/** Services of one visit. */
const MOST = 6;

/** One service alone. */
export const ALONE: VisitAsk = { then: [], maxWait: 0, anyOrder: false, samePerson: false };

/** Minutes that somebody does not mind to wait between two of them. */
export const WAIT = 30;

const named = (page: Page, id: string): Service | undefined => page.services.find((one) => one.id === id);

/** All services that are asked for, in their order. */
export const servicesOf = (page: Page, ask: Ask): Service[] =>
  [ask, ...ask.then].flatMap(({ service }) => named(page, service) ?? []);

/** Where all of them can be had: those of the first, where it comes alone. */
export const placesOf = (services: readonly Service[]): string[] =>
  (services[0]?.locations ?? []).filter((id) => services.every((one) => one.locations.includes(id)));

/** What could come after them. */
export function joinable(page: Page, ask: Ask): Service[] {
  const chosen = servicesOf(page, ask);
  const joins = (one: Service) => one.joins && one.largestParty >= ask.party;
  return chosen.length >= MOST || !chosen.every(joins)
    ? []
    : page.services.filter(
        (one) => joins(one) && placesOf([...chosen, one]).includes(ask.location ?? placesOf(chosen)[0] ?? ''),
      );
}

export const thenOf = (service: string): Then => ({ service, staff: null, minutes: null, addOns: {} });

/** The list with one of it changed, or left out. */
export const withThen = (then: readonly Then[], at: number, changed: Partial<Then> | null): Then[] =>
  then.flatMap((one, i) => (i === at ? (changed === null ? [] : [{ ...one, ...changed }]) : [one]));

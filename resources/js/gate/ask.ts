import type { Ask } from './types';

/** What is chosen, as it is asked for. */
export function queryOf({ service, staff, party, minutes, location, addOns, then, ...how }: Ask) {
  return {
    ...(then.length === 0
      ? {}
      : {
          then: JSON.stringify(then),
          maxWait: how.maxWait,
          anyOrder: how.anyOrder ? (1 as const) : (0 as const),
          samePerson: how.samePerson ? (1 as const) : (0 as const),
        }),
    service,
    party,
    ...(staff === null ? {} : { staff }),
    ...(minutes === null ? {} : { minutes }),
    ...(location === null ? {} : { location }),
    ...(Object.keys(addOns).length === 0 ? {} : { addOns: { ...addOns } }),
  };
}

import { useQuery } from '@tanstack/react-query';
import { useParams } from 'react-router';
import { writeHoursOf } from '../lib/format';
import { setup } from '../lib/queries';

/** The lists of the business at hand. */
export function useSetup() {
  const business = useParams()['business'] ?? '';
  const { data } = useQuery(setup(business));
  if (data !== undefined) {
    writeHoursOf(data.clock);
  }
  const may = (act: string): boolean => data?.me.may.includes(act) ?? false;
  return { business, data, may };
}

/** What ids are called, for telling what a change was. */
export function namesOf(data: ReturnType<typeof useSetup>['data']): ReadonlyMap<string, string> {
  const lists =
    data === undefined ? [] : [data.staff, data.locations, data.pools, data.dayparts, data.categories, data.services];
  return new Map([
    ...lists.flatMap((list) => list.map((one) => [one.id, one.name] as const)),
    ...(data?.questions ?? []).map((one) => [one.id, one.text] as const),
  ]);
}

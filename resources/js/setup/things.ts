import { queryOptions } from '@tanstack/react-query';
import { api, unwrap, type Schemas } from '../lib/api';

/** What is set up comes as things: a kind, an id, a content, and the version of that content that was seen. */
export type Draft = Schemas['Draft'];
export type Thing = Schemas['Thing'];
export type Kind = Thing['kind'];
export type Contents = { [T in Thing as T['kind']]: T['content'] };
type DraftOf<K extends Kind> = (id: string | null, content: Contents[K] | null, version: string | null) => Draft;

export const draftOf: { [K in Kind]: DraftOf<K> } = {
  facts: (id, content, version) => ({ kind: 'facts', id, content, version }),
  openingHours: (id, content, version) => ({ kind: 'openingHours', id, content, version }),
  specialDay: (id, content, version) => ({ kind: 'specialDay', id, content, version }),
  closure: (id, content, version) => ({ kind: 'closure', id, content, version }),
  person: (id, content, version) => ({ kind: 'person', id, content, version }),
  timeOff: (id, content, version) => ({ kind: 'timeOff', id, content, version }),
  access: (id, content, version) => ({ kind: 'access', id, content, version }),
  location: (id, content, version) => ({ kind: 'location', id, content, version }),
  pool: (id, content, version) => ({ kind: 'pool', id, content, version }),
  daypart: (id, content, version) => ({ kind: 'daypart', id, content, version }),
  category: (id, content, version) => ({ kind: 'category', id, content, version }),
  service: (id, content, version) => ({ kind: 'service', id, content, version }),
  addOn: (id, content, version) => ({ kind: 'addOn', id, content, version }),
  taxes: (id, content, version) => ({ kind: 'taxes', id, content, version }),
  taxRate: (id, content, version) => ({ kind: 'taxRate', id, content, version }),
  surcharge: (id, content, version) => ({ kind: 'surcharge', id, content, version }),
  offerCode: (id, content, version) => ({ kind: 'offerCode', id, content, version }),
  question: (id, content, version) => ({ kind: 'question', id, content, version }),
  order: (id, content, version) => ({ kind: 'order', id, content, version }),
};

export type ThingOf<K extends Kind> = {
  kind: K;
  id: string;
  version: string;
  content: Contents[K];
  history: Schemas['ThingChange'][];
};

const isOf = <K extends Kind>(thing: Thing, kind: K): thing is Thing & ThingOf<K> => thing.kind === kind;

export const thing = <K extends Kind>(business: string, kind: K, id: string) =>
  queryOptions({
    queryKey: ['thing', business, kind, id] as const,
    queryFn: async ({ signal }): Promise<ThingOf<K>> => {
      const found = await unwrap(
        api.GET('/api/businesses/{business}/things/{kind}/{id}', { params: { path: { business, kind, id } }, signal }),
      );
      if (!isOf(found, kind)) {
        throw new Error(`Asked for a ${kind}, got a ${found.kind}.`);
      }
      return found;
    },
    staleTime: 0,
    refetchOnWindowFocus: false, // what is being typed into stays as it was read; saving tells what changed meanwhile
  });

export const year = (business: string, of: number) =>
  queryOptions({
    queryKey: ['year', business, of] as const,
    queryFn: async ({ signal }) =>
      unwrap(api.GET('/api/businesses/{business}/year/{year}', { params: { path: { business, year: of } }, signal })),
  });

export const effect = (business: string, drafts: readonly Draft[], from: string | null) =>
  queryOptions({
    queryKey: ['effect', business, JSON.stringify(drafts), from] as const,
    queryFn: async ({ signal }) =>
      unwrap(
        api.POST('/api/businesses/{business}/drafts/preview', {
          params: { path: { business } },
          body: { drafts: [...drafts], ...(from === null ? {} : { from }) },
          signal,
        }),
      ),
    staleTime: 30_000, // ms
    retry: false,
  });

/** "drafts.0.name" as "name": what is wrong with the draft at hand, by its own fields. */
export function wrongOf(fields: Readonly<Record<string, string>> | undefined, draft: number): Record<string, string> {
  const mine = `drafts.${draft}.`;
  return Object.fromEntries(
    Object.entries(fields ?? {})
      .filter(([field]) => field.startsWith(mine))
      .map(([field, sentence]) => [field.slice(mine.length), sentence]),
  );
}

/** An id as the server makes them: 26 letters and digits. */
export function newId(): string {
  const letters = '0123456789ABCDEFGHJKMNPQRSTVWXYZ';
  return Array.from(crypto.getRandomValues(new Uint8Array(26)), (byte) => letters.charAt(byte % 32)).join('');
}

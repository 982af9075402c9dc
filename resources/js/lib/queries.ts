import { keepPreviousData, queryOptions } from '@tanstack/react-query';
import { api, unwrap, type Schemas } from './api';

export const me = queryOptions({
  queryKey: ['me'] as const,
  queryFn: async ({ signal }) => unwrap(api.GET('/api/me', { signal })),
  staleTime: 60_000,
});

export const setup = (business: string) =>
  queryOptions({
    queryKey: ['setup', business] as const,
    queryFn: async ({ signal }) =>
      unwrap(api.GET('/api/businesses/{business}/setup', { params: { path: { business } }, signal })),
  });

/** What is looked at on the Board: lanes of what, whose, where, on a day or in its week. */
export type Looking = {
  span: 'day' | 'week';
  lanes: 'people' | 'places' | 'units';
  whose: 'all' | 'working' | 'chosen';
  /** The chosen ones. */
  staff: readonly string[];
  /** '': everywhere */
  location: string;
};

export const board = (business: string, date: string | null, looking: Looking) =>
  queryOptions({
    queryKey: ['board', business, date, looking] as const,
    queryFn: async ({ signal }) =>
      unwrap(
        api.GET('/api/businesses/{business}/board', {
          params: {
            path: { business },
            query: {
              ...(date === null ? {} : { date }),
              span: looking.span,
              lanes: looking.lanes,
              ...(looking.location === '' ? {} : { location: looking.location }),
              ...whose(looking),
            },
          },
          signal,
        }),
      ),
    staleTime: 10_000, // ms: the version, asked every few seconds, says when it is old
  });

const whose = ({ whose: kind, staff }: Looking) => {
  if (kind === 'chosen') {
    return staff.length === 0 ? {} : { staff: staff.join(',') };
  }
  return { whose: kind };
};

export const ribbon = (business: string, date: string | null) =>
  queryOptions({
    queryKey: ['ribbon', business, date] as const,
    queryFn: async ({ signal }) =>
      unwrap(
        api.GET('/api/businesses/{business}/board/ribbon', {
          params: { path: { business }, query: date === null ? {} : { date } },
          signal,
        }),
      ),
    staleTime: 60_000, // ms; asked again with the Board itself
  });

export const cancelledOn = (business: string, date: string) =>
  queryOptions({
    queryKey: ['board', business, 'cancelled', date] as const,
    queryFn: async ({ signal }) =>
      unwrap(
        api.GET('/api/businesses/{business}/board/cancelled', {
          params: { path: { business }, query: { date } },
          signal,
        }),
      ),
  });

export const boardVersion = (business: string) =>
  queryOptions({
    queryKey: ['board-version', business] as const,
    queryFn: async ({ signal }) =>
      unwrap(api.GET('/api/businesses/{business}/board/version', { params: { path: { business } }, signal })),
    refetchInterval: 1_500, // ms
  });

export const sale = (business: string, id: string) =>
  queryOptions({
    queryKey: ['sale', business, id] as const,
    queryFn: async ({ signal }) =>
      unwrap(api.GET('/api/businesses/{business}/sales/{id}', { params: { path: { business, id } }, signal })),
  });

export type SalesAsked = { text: string; state: 'all' | 'due' | 'open' | 'paid' | 'back'; from: string; until: string };

export const sales = (business: string, asked: SalesAsked, page: number) =>
  queryOptions({
    queryKey: ['sales', business, asked, page] as const,
    queryFn: async ({ signal }) =>
      unwrap(
        api.GET('/api/businesses/{business}/sales', {
          params: { path: { business }, query: { ...given(asked), page } },
          signal,
        }),
      ),
    placeholderData: keepPreviousData,
  });

/** What was filled in. */
export const given = ({ text, state, from, until }: SalesAsked): Partial<SalesAsked> => ({
  state,
  ...(text === '' ? {} : { text }),
  ...(from === '' ? {} : { from }),
  ...(until === '' ? {} : { until }),
});

export const clients = (business: string, text: string) =>
  queryOptions({
    queryKey: ['clients', business, text] as const,
    queryFn: async ({ signal }) =>
      unwrap(
        api.GET('/api/businesses/{business}/clients', {
          params: { path: { business }, query: text === '' ? {} : { text } },
          signal,
        }),
      ),
  });

export const deskTimes = (business: string, asked: Schemas['DeskTimesAsk']) =>
  queryOptions({
    queryKey: ['desk-times', business, asked] as const,
    queryFn: async ({ signal }) =>
      unwrap(
        api.POST('/api/businesses/{business}/desk-times', { params: { path: { business } }, body: asked, signal }),
      ),
  });

export const reminders = (business: string, date: string) =>
  queryOptions({
    queryKey: ['reminders', business, date] as const,
    queryFn: async ({ signal }) =>
      unwrap(
        api.GET('/api/businesses/{business}/reminders', { params: { path: { business }, query: { date } }, signal }),
      ),
    refetchInterval: 60_000,
  });

export const drawnDrafts = (business: string, asked: Schemas['DrawnAsk']) =>
  queryOptions({
    queryKey: ['board', business, 'drawn', asked] as const,
    queryFn: async ({ signal }) =>
      unwrap(
        api.POST('/api/businesses/{business}/board/drawn', { params: { path: { business } }, body: asked, signal }),
      ),
    retry: false,
  });

export const otherVisits = (business: string, id: string) =>
  queryOptions({
    queryKey: ['card', business, id, 'visits'] as const,
    queryFn: async ({ signal }) =>
      unwrap(
        api.GET('/api/businesses/{business}/bookings/{id}/visits', { params: { path: { business, id } }, signal }),
      ),
  });

export const otherTimes = (business: string, id: string) =>
  queryOptions({
    queryKey: ['card', business, id, 'times'] as const,
    queryFn: async ({ signal }) =>
      unwrap(
        api.POST('/api/businesses/{business}/bookings/{id}/times', {
          params: { path: { business, id } },
          body: { drafts: [] },
          signal,
        }),
      ),
  });

/** A booking is given up, or that is taken back. */
export type GivingUp =
  | { act: 'cancel'; body: Schemas['CancelAsk'] }
  | { act: 'missed'; body: Schemas['MissAsk'] }
  | { act: 'restored'; body: Schemas['RestoreAsk'] };

/** What giving a booking up, or taking that back, would do to the money. */
export const moneyEffect = (business: string, id: string, asked: GivingUp) =>
  queryOptions({
    queryKey: ['card', business, id, 'effect', asked] as const,
    queryFn: async ({ signal }) => unwrap(tried(business, id, asked, signal)),
    placeholderData: keepPreviousData,
    staleTime: 0,
    gcTime: 0,
    retry: false,
  });

const tried = (business: string, id: string, asked: GivingUp, signal: AbortSignal) => {
  const params = { path: { business, id } };
  switch (asked.act) {
    case 'cancel':
      return api.POST('/api/businesses/{business}/bookings/{id}/cancel/tried', { params, body: asked.body, signal });
    case 'missed':
      return api.POST('/api/businesses/{business}/bookings/{id}/missed/tried', { params, body: asked.body, signal });
    case 'restored':
      return api.POST('/api/businesses/{business}/bookings/{id}/restored/tried', { params, body: asked.body, signal });
  }
};

/** Where a booking may hang on a day; the day's own, so that it is not asked twice. */
export const moveTimes = (business: string, id: string, date: string) =>
  queryOptions({
    queryKey: ['board', business, 'move-times', id, date] as const,
    queryFn: async ({ signal }) =>
      unwrap(
        api.POST('/api/businesses/{business}/bookings/{id}/move/times', {
          params: { path: { business, id } },
          body: { date },
          signal,
        }),
      ),
  });

export const moveTried = (business: string, id: string, body: Schemas['MoveAsk']) =>
  queryOptions({
    queryKey: ['board', business, 'move-tried', id, body] as const,
    queryFn: async ({ signal }) =>
      unwrap(
        api.POST('/api/businesses/{business}/bookings/{id}/move/tried', {
          params: { path: { business, id } },
          body,
          signal,
        }),
      ),
    placeholderData: (before, asked) => (asked?.queryKey[3] === id ? before : undefined),
  });

export const deskRepeats = (business: string, asked: Schemas['DeskRepeatsAsk']) =>
  queryOptions({
    queryKey: ['desk-repeats', business, asked] as const,
    queryFn: async ({ signal }) =>
      unwrap(
        api.POST('/api/businesses/{business}/desk-repeats', { params: { path: { business } }, body: asked, signal }),
      ),
  });

/** The sessions of a service that are to come. */
export const sessions = (business: string, service: string) =>
  queryOptions({
    queryKey: ['sessions', business, service] as const,
    queryFn: async ({ signal }) =>
      unwrap(
        api.GET('/api/businesses/{business}/services/{service}/sessions', {
          params: { path: { business, service } },
          signal,
        }),
      ),
  });

export const session = (business: string, id: string) =>
  queryOptions({
    queryKey: ['session', business, id] as const,
    queryFn: async ({ signal }) =>
      unwrap(api.GET('/api/businesses/{business}/sessions/{id}', { params: { path: { business, id } }, signal })),
  });

/** Whom and what cancelling it would concern; nothing is done. */
export const sessionCancelTried = (business: string, id: string, later: boolean) =>
  queryOptions({
    queryKey: ['session', business, id, 'cancel', later] as const,
    queryFn: async ({ signal }) =>
      unwrap(
        api.POST('/api/businesses/{business}/sessions/{id}/cancel/tried', {
          params: { path: { business, id } },
          body: { later },
          signal,
        }),
      ),
  });

/** What would become of it, and of later ones with it; nothing is done. */
export const sessionChangeTried = (business: string, id: string, body: Schemas['SessionChangeAsk']) =>
  queryOptions({
    queryKey: ['session', business, id, 'change', body] as const,
    queryFn: async ({ signal }) =>
      unwrap(
        api.POST('/api/businesses/{business}/sessions/{id}/change/tried', {
          params: { path: { business, id } },
          body,
          signal,
        }),
      ),
    retry: false,
  });

export const sessionDates = (business: string, asked: Schemas['SessionDatesAsk']) =>
  queryOptions({
    queryKey: ['session-dates', business, asked] as const,
    queryFn: async ({ signal }) =>
      unwrap(
        api.POST('/api/businesses/{business}/sessions/dates', {
          params: { path: { business } },
          body: asked,
          signal,
        }),
      ),
    retry: false,
  });

/** Of a date, or of "today". */
export const ledgerDay = (business: string, day: string) =>
  queryOptions({
    queryKey: ['day', business, day] as const,
    queryFn: async ({ signal }) =>
      unwrap(api.GET('/api/businesses/{business}/days/{day}', { params: { path: { business, day } }, signal })),
  });

/** From a date to another, or a whole month; left out: this month up to today. */
export type FiguresAsked = { from?: string; until?: string; month?: 'this' | 'last' };

export const figures = (business: string, period: FiguresAsked) =>
  queryOptions({
    queryKey: ['figures', business, period] as const,
    queryFn: async ({ signal }) =>
      unwrap(
        api.GET('/api/businesses/{business}/figures', {
          params: { path: { business }, query: period },
          signal,
        }),
      ),
  });

export const card = (business: string, id: string) =>
  queryOptions({
    queryKey: ['card', business, id] as const,
    queryFn: async ({ signal }) =>
      unwrap(api.GET('/api/businesses/{business}/bookings/{id}', { params: { path: { business, id } }, signal })),
  });

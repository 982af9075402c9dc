import { queryOptions } from '@tanstack/react-query';
import { api, unwrap } from './api';

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

export const board = (business: string, date: string | null) =>
  queryOptions({
    queryKey: ['board', business, date] as const,
    queryFn: async ({ signal }) =>
      unwrap(
        api.GET('/api/businesses/{business}/board', {
          params: { path: { business }, query: date === null ? {} : { date } },
          signal,
        }),
      ),
    staleTime: 10_000, // ms: the version, asked every few seconds, says when it is old
  });

export const boardVersion = (business: string) =>
  queryOptions({
    queryKey: ['board-version', business] as const,
    queryFn: async ({ signal }) =>
      unwrap(api.GET('/api/businesses/{business}/board/version', { params: { path: { business } }, signal })),
    refetchInterval: 2_500, // ms
  });

export const card = (business: string, id: string) =>
  queryOptions({
    queryKey: ['card', business, id] as const,
    queryFn: async ({ signal }) =>
      unwrap(api.GET('/api/businesses/{business}/bookings/{id}', { params: { path: { business, id } }, signal })),
  });

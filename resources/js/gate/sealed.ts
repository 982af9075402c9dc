import type { Booking } from './types';

/** The path and seal with which a booking, or a part of a visit, is spoken of. */
export function sealed({ id, query }: Pick<Booking, 'id' | 'query'>) {
  const seal = new URLSearchParams(query);
  return {
    params: { path: { id }, query: { until: seal.get('until') ?? '', seal: seal.get('seal') ?? '' } },
  };
}

/** What only a mailed link says, where this page was opened by one. */
export const mailedOf = () => new URLSearchParams(window.location.search).get('mailed');

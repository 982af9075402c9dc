import type { Booking } from './types';

/** The path and seal with which a booking is spoken of. */
export function sealed(booking: Booking) {
  const seal = new URLSearchParams(booking.query);
  return {
    params: { path: { id: booking.id }, query: { until: seal.get('until') ?? '', seal: seal.get('seal') ?? '' } },
  };
}

import type { Schemas } from '../lib/api';

export type Page = Schemas['GatePage'];
export type Service = Schemas['PageService'];
export type Times = Schemas['OpenTimes'];
export type Start = Schemas['Start'];
export type Quote = Schemas['Quote'];
export type Booking = Schemas['ClientBooking'];

/** What the served page carries, so that nothing need be asked before something is shown. */
export type First = { page: Page; times: Times | null; quote: Quote | null; booking: Booking | null };

/** What a client has chosen before a time. */
export type Ask = {
  service: string;
  staff: string | null;
  party: number;
  /** null: the service's own */
  minutes: number | null;
  /** null: there is only one */
  location: string | null;
  /** quantity by id */
  addOns: Readonly<Record<string, number>>;
};

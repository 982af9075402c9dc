import type { Schemas } from '../lib/api';

export type Page = Schemas['GatePage'];
export type Times = Schemas['OpenTimes'];
export type Start = Schemas['Start'];
export type Booking = Schemas['ClientBooking'];

/** What the served page carries, so that nothing need be asked before something is shown. */
export type First = { page: Page; times: Times | null; booking: Booking | null };

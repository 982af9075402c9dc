import type { Schemas } from '../lib/api';

export type Page = Schemas['GatePage'];
export type Service = Schemas['PageService'];
export type Times = Schemas['OpenTimes'];
export type Start = Schemas['Start'];
export type Quote = Schemas['Quote'];
export type Booking = Schemas['ClientBooking'];
/** A client's own page. */
export type Own = Schemas['OwnPage'];

/** What the served page carries, so that nothing need be asked before something is shown. */
export type First = {
  page: Page;
  times: Times | null;
  quote: Quote | null;
  visit: VisitAsk | null;
  booking: Booking | null;
  own: Own | null;
  known: Known | null;
};

/** Who follows a link of a booking of their own: what they told with it. */
export type Known = {
  name: string;
  email: string;
  phone: string;
  /** By question, where an address was asked for. */
  addresses: Readonly<Record<string, string>>;
  /** What says that it is theirs. */
  link: string;
};

/** A service that follows in the same visit. */
export type Then = {
  service: string;
  staff: string | null;
  /** null: the service's own */
  minutes: number | null;
  /** quantity by id */
  addOns: Readonly<Record<string, number>>;
};

/** What follows the first service, and how. */
export type VisitAsk = {
  then: readonly Then[];
  /** minutes between two of them */
  maxWait: number;
  anyOrder: boolean;
  samePerson: boolean;
};

/** What a client has chosen before a time. */
export type Ask = VisitAsk & {
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

import type { Contents } from '../setup/things';

export type ServiceContent = Contents['service'];
/** What each part of the editor is given. */
export type PartProps = {
  content: ServiceContent;
  set: (changes: Partial<ServiceContent>) => void;
  wrong: Readonly<Record<string, string>>;
};

/** A new one, before anything is said of it. */
export const FRESH: ServiceContent = {
  name: '',
  category: null,
  description: '',
  picture: null,
  staffNote: '',
  bring: '',
  head: '',
  heads: '',
  kind: 'appointment',
  minutes: 60,
  choices: [],
  range: null,
  setup: 0,
  clearup: 0,
  staff: [],
  assignment: 'choose',
  locations: [],
  resources: [],
  startEvery: 15,
  startFrom: 'clock',
  noticeMinutes: 120,
  bookAheadDays: 60,
  hours: null,
  dayparts: [],
  availableFrom: null,
  availableUntil: null,
  maxPerDay: null,
  places: 1,
  maxParty: null,
  pricing: {
    kind: 'fixed',
    amount: 0,
    byMinutes: [],
    perStep: null,
    byStaff: [],
    perPerson: false,
    extraPeople: [],
    extraPeopleStaff: [],
    frequency: [],
    excludeSurcharges: [],
    taxRates: [],
  },
  payment: { kind: 'none', amount: null, percent: null },
  cancellation: null,
  staffPay: null,
  colour: null,
  pattern: null,
  approval: false,
  visibility: 'page',
  active: true,
};

/** What is wrong with a field or with anything in it. */
export const first = (wrong: Readonly<Record<string, string>>, field: string): string | undefined =>
  Object.entries(wrong).find(([one]) => one === field || one.startsWith(`${field}.`))?.[1];

/** Whether more than one may come together. */
export const mayComeInParties = (content: ServiceContent): boolean =>
  (content.maxParty ?? (content.kind === 'session' || content.places > 1 ? 2 : 1)) > 1;

import type { Contents } from '../setup/things';

type Person = Contents['person'];

/** What each part of a person's page is given. */
export type PartProps = {
  content: Person;
  set: (changes: Partial<Person>) => void;
  wrong: Readonly<Record<string, string>>;
  disabled: boolean;
};

/** Somebody new, before anything is said of them. */
export const FRESH: Person = {
  name: '',
  email: '',
  phone: '',
  about: '',
  picture: null,
  colour: null,
  pattern: null,
  active: true,
  page: '',
  toldOf: ['booked', 'moved', 'cancelled'],
  changesOwnHours: false,
  hours: null,
  breaks: null,
  respectBusy: true,
  maxPerDay: null,
  services: [],
  rates: [],
};

import type { Schemas } from '../lib/api';

export type Beginning = Schemas['Beginning'];

/** What a business begins with, before anything is said of it. */
export const NOTHING: Beginning = {
  name: '',
  slug: '',
  address: '',
  timeZone: Intl.DateTimeFormat().resolvedOptions().timeZone,
  currency: 'EUR',
  hours: {},
  services: [],
  people: [],
};

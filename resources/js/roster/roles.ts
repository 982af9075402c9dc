import type { Schemas } from '../lib/api';

/** Roles as they are called on the screen. Whoever is booked and does not sign in is visiting. */
export const ROLES: Readonly<Record<Schemas['Role'], string>> = {
  owner: 'owner',
  manager: 'manager',
  desk: 'desk',
  staff: 'staff',
  bookkeeper: 'bookkeeper',
};

export const ROLE_OPTIONS = [
  ['staff', 'staff'],
  ['desk', 'desk'],
  ['manager', 'manager'],
  ['bookkeeper', 'bookkeeper'],
  ['owner', 'owner'],
] as const;

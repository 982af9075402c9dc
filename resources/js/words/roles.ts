import type { Schemas } from '../lib/api';
import * as say from '@words/words';

/** Roles as they are called on the screen. Whoever is booked and does not sign in is visiting. */
export const ROLES: Readonly<Record<Schemas['Role'], string>> = {
  owner: say.roles.owner,
  manager: say.roles.manager,
  desk: say.roles.desk,
  staff: say.roles.staff,
  bookkeeper: say.roles.bookkeeper,
};

export const ROLE_OPTIONS = [
  ['staff', say.roles.staff],
  ['desk', say.roles.desk],
  ['manager', say.roles.manager],
  ['bookkeeper', say.roles.bookkeeper],
  ['owner', say.roles.owner],
] as const;

import type { Schemas } from '../lib/api';

type Wearer = Pick<Schemas['Badge'], 'initials' | 'colour' | 'pattern'>;

/** A staff member or a service at a glance: initials on a colour with a pattern. */
export function Badge({ of }: { of: Wearer }) {
  return (
    <span className="badge" data-colour={of.colour} data-pattern={of.pattern} aria-hidden="true">
      {of.initials}
    </span>
  );
}

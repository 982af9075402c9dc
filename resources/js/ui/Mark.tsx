import type { Schemas } from '../lib/api';

type Marked = Pick<Schemas['Mark'], 'initials' | 'colour' | 'pattern'>;

/** A staff member or a service at a glance: initials on a colour with a pattern. */
export function Mark({ of }: { of: Marked }) {
  return (
    <span className="mark" data-colour={of.colour} data-pattern={of.pattern} aria-hidden="true">
      {of.initials}
    </span>
  );
}

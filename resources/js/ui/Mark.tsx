import type { Schemas } from '../lib/api';

/** A staff member at a glance: initials on a colour with a pattern. */
export function Mark({ of }: { of: Schemas['Mark'] }) {
  return (
    <span className="mark" data-colour={of.colour} data-pattern={of.pattern} aria-hidden="true">
      {of.initials}
    </span>
  );
}

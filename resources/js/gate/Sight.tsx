import { Badge } from '../ui/Badge';

/** What has a picture, or else a badge. */
export type Sighted = { picture: string | null; initials: string; colour: string; pattern: string };

/** A picture, or else the badge. */
export function Sight({ of }: { of: Sighted }) {
  return of.picture === null ? (
    <Badge of={of} />
  ) : (
    <img className="sight" src={`/pictures/${of.picture}`} alt="" loading="lazy" />
  );
}

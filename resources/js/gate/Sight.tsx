import { Mark } from '../ui/Mark';

/** What has a picture, or else a mark. */
export type Sighted = { picture: string | null; initials: string; colour: string; pattern: string };

/** A picture, or else the mark. */
export function Sight({ of }: { of: Sighted }) {
  return of.picture === null ? (
    <Mark of={of} />
  ) : (
    <img className="sight" src={`/pictures/${of.picture}`} alt="" loading="lazy" />
  );
}

import { Mark } from '../ui/Mark';

/** A picture, or else the mark. */
export function Sight({ of }: { of: { picture: string | null; initials: string; colour: string; pattern: string } }) {
  return of.picture === null ? (
    <Mark of={of} />
  ) : (
    <img className="sight" src={`/pictures/${of.picture}`} alt="" loading="lazy" />
  );
}

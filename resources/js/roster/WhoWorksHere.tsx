import { Link } from 'react-router';
import { useSetup } from '../setup/useSetup';
import * as say from '@words/roster';
import { rich } from '../language/rich';

/** Who is booked here: those who do a service that takes place here. */
export function WhoWorksHere({ location }: { location: string }) {
  const { business, data } = useSetup();
  const people =
    data?.staff.filter(
      (one) =>
        one.active &&
        data.services.some((service) => service.locations.includes(location) && service.staff.includes(one.id)),
    ) ?? [];
  return (
    <p>
      {people.length === 0
        ? say.nobodyWorksHereYet
        : rich(say.worksHere, {
            people: people.map((one, i) => (
              <span key={one.id}>
                {i > 0 && ', '}
                <Link to={`/at/${business}/roster/people/${one.id}`}>{one.name}</Link>
              </span>
            )),
          })}
    </p>
  );
}

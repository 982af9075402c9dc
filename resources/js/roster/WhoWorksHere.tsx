import { Link } from 'react-router';
import { useSetup } from '../setup/useSetup';

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
      {people.length === 0 ? 'Nobody works here yet: no service takes place here.' : 'Who works here: '}
      {people.map((one, i) => (
        <span key={one.id}>
          {i > 0 && ', '}
          <Link to={`/at/${business}/roster/people/${one.id}`}>{one.name}</Link>
        </span>
      ))}
      {people.length > 0 && '. Stretches of their hours can count for this place alone.'}
    </p>
  );
}

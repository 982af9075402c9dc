import { Link } from 'react-router';
import { useSetup } from '../setup/useSetup';

/** Where appointments happen. */
export function Locations() {
  const { business, data, may } = useSetup();
  if (data === undefined) {
    return null;
  }
  return (
    <section className="grid gap-3">
      <div className="list-head">
        <h2>Locations</h2>
        {may('change-setup') && (
          <Link className="button button-small" id="add-location" to={`/at/${business}/roster/locations/new`}>
            Add a location
          </Link>
        )}
      </div>
      {data.locations.length === 0 && (
        <p>Nowhere yet. A shop, a room, a client’s home, or a page online: say where you work.</p>
      )}
      <ul className="rows">
        {data.locations.map((one) => (
          <li key={one.id}>
            <Link to={`/at/${business}/roster/locations/${one.id}`} className="row">
              {one.picture !== null && <img className="row-picture" src={`/pictures/${one.picture}`} alt="" />}
              <b>{one.name}</b>
              <span className="row-soft">{one.online ? 'online' : one.address}</span>
              <span className="row-soft">{one.ownHours ? 'own hours' : 'open as the business'}</span>
            </Link>
          </li>
        ))}
      </ul>
    </section>
  );
}

import { Link } from 'react-router';
import { useSetup } from '../setup/useSetup';

/** Pools of units that services need: wheels, rooms, chairs. */
export function Resources() {
  const { business, data, may } = useSetup();
  if (data === undefined) {
    return null;
  }
  return (
    <section className="grid gap-3">
      <div className="list-head">
        <h2>Resources</h2>
        {may('change-setup') && (
          <Link className="button button-small" id="add-pool" to={`/at/${business}/roster/resources/new`}>
            Add a pool
          </Link>
        )}
      </div>
      {data.pools.length === 0 && (
        <p>
          Nothing yet. A pool holds what services need besides people: wheels, rooms, chairs, tools. Each unit serves
          one booking at a time.
        </p>
      )}
      <ul className="rows">
        {data.pools.map((one) => (
          <li key={one.id}>
            <Link to={`/at/${business}/roster/resources/${one.id}`} className="row">
              <b>{one.name}</b>
              <span className="row-soft">
                {one.units.length === 1 ? '1 unit' : `${one.units.length} units`}: {one.units.slice(0, 4).join(', ')}
                {one.units.length > 4 ? ' …' : ''}
              </span>
              <span className="row-soft">
                {data.locations.find((place) => place.id === one.location)?.name ?? 'at every location'}
              </span>
            </Link>
          </li>
        ))}
      </ul>
    </section>
  );
}

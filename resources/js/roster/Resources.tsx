import { Link } from 'react-router';
import { buttonLook } from '../ui/Button';
import { useSetup } from '../setup/useSetup';
import * as say from '@words/roster';

/** Pools of units that services need: wheels, rooms, chairs. */
export function Resources() {
  const { business, data, may } = useSetup();
  if (data === undefined) {
    return null;
  }
  return (
    <section className="grid gap-3">
      <div className="list-head">
        <h2>{say.resources}</h2>
        {may('change-setup') && (
          <Link className={buttonLook({ small: true })} id="add-pool" to={`/at/${business}/roster/resources/new`}>
            {say.addPool}
          </Link>
        )}
      </div>
      {data.pools.length === 0 && <p>{say.nothingYetPoolHolds}</p>}
      <ul className="rows">
        {data.pools.map((one) => (
          <li key={one.id}>
            <Link to={`/at/${business}/roster/resources/${one.id}`} className="row">
              <b>{one.name}</b>
              <span className="row-soft">
                {say.unitsNamed({
                  count: one.units.length,
                  names: one.units.slice(0, 4).join(', '),
                  more: one.units.length > 4 ? 'yes' : 'no',
                })}
              </span>
              <span className="row-soft">
                {data.locations.find((place) => place.id === one.location)?.name ?? say.atEveryLocation}
              </span>
            </Link>
          </li>
        ))}
      </ul>
    </section>
  );
}

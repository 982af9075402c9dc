import { Link } from 'react-router';
import { buttonLook } from '../ui/Button';
import { useSetup } from '../setup/useSetup';
import { RowFact, RowLink, RowName, Rows } from '../ui/Row';
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
      <Rows>
        {data.pools.map((one) => (
          <li key={one.id}>
            <RowLink to={`/at/${business}/roster/resources/${one.id}`}>
              <RowName>{one.name}</RowName>
              <RowFact>
                {say.unitsNamed({
                  count: one.units.length,
                  names: one.units.slice(0, 4).join(', '),
                  more: one.units.length > 4 ? 'yes' : 'no',
                })}
              </RowFact>
              <RowFact>
                {data.locations.find((place) => place.id === one.location)?.name ?? say.atEveryLocation}
              </RowFact>
            </RowLink>
          </li>
        ))}
      </Rows>
    </section>
  );
}

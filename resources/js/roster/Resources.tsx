import { ListHead } from '../setup/ListHead';
import { useSetup } from '../setup/useSetup';
import { RowFact, RowLink, RowName, Rows } from '../ui/Row';
import * as say from '@words/roster';

/** Pools of units that services need: wheels, rooms, chairs. */
export function Resources() {
  const { business, data } = useSetup();
  if (data === undefined) {
    return null;
  }
  return (
    <section className="grid gap-3">
      <ListHead title={say.resources} add={say.addPool} addId="add-pool" to="roster/resources/new" />
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

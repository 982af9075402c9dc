import { ListHead } from '../setup/ListHead';
import { useSetup } from '../setup/useSetup';
import { RowFact, RowLink, RowName, Rows } from '../ui/Row';
import * as say from '@words/roster';

/** Where appointments happen. */
export function Locations() {
  const { business, data } = useSetup();
  if (data === undefined) {
    return null;
  }
  return (
    <section className="grid gap-3">
      <ListHead title={say.locations} add={say.addLocation} addId="add-location" to="roster/locations/new" />
      {data.locations.length === 0 && <p>{say.nowhereYetShopRoom}</p>}
      <Rows>
        {data.locations.map((one) => (
          <li key={one.id}>
            <RowLink to={`/at/${business}/roster/locations/${one.id}`}>
              {one.picture !== null && <img className="picture" src={`/pictures/${one.picture}`} alt="" />}
              <RowName>{one.name}</RowName>
              <RowFact>{one.online ? say.onlinePlace : one.address}</RowFact>
              <RowFact>{one.ownHours ? say.ownHours : say.openAsBusiness}</RowFact>
            </RowLink>
          </li>
        ))}
      </Rows>
    </section>
  );
}

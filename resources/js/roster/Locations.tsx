import { Link } from 'react-router';
import { buttonLook } from '../ui/Button';
import { useSetup } from '../setup/useSetup';
import { RowFact, RowLink, RowName, Rows } from '../ui/Row';
import * as say from '@words/roster';

/** Where appointments happen. */
export function Locations() {
  const { business, data, may } = useSetup();
  if (data === undefined) {
    return null;
  }
  return (
    <section className="grid gap-3">
      <div className="list-head">
        <h2>{say.locations}</h2>
        {may('change-setup') && (
          <Link className={buttonLook({ small: true })} id="add-location" to={`/at/${business}/roster/locations/new`}>
            {say.addLocation}
          </Link>
        )}
      </div>
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

import { Link } from 'react-router';
import { buttonLook } from '../ui/Button';
import { useSetup } from '../setup/useSetup';
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
      <ul className="rows">
        {data.locations.map((one) => (
          <li key={one.id}>
            <Link to={`/at/${business}/roster/locations/${one.id}`} className="row">
              {one.picture !== null && <img className="row-picture" src={`/pictures/${one.picture}`} alt="" />}
              <b>{one.name}</b>
              <span className="row-soft">{one.online ? say.onlinePlace : one.address}</span>
              <span className="row-soft">{one.ownHours ? say.ownHours : say.openAsBusiness}</span>
            </Link>
          </li>
        ))}
      </ul>
    </section>
  );
}

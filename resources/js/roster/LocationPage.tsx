import { useParams } from 'react-router';
import { WeekRuler } from '../hours/WeekRuler';
import { Effects } from '../setup/Effects';
import { PictureField } from '../setup/PictureField';
import type { Contents } from '../setup/things';
import { ThingFoot } from '../setup/ThingFoot';
import { namesOf } from '../setup/useSetup';
import { useThingPage } from '../setup/useThingPage';
import { Check } from '../ui/Check';
import { Field } from '../ui/Field';
import { LocationReach } from './LocationReach';
import { WhoWorksHere } from './WhoWorksHere';
import * as say from '@words/roster';

const FRESH: Contents['location'] = {
  name: '',
  address: '',
  directions: '',
  phone: '',
  picture: null,
  online: false,
  meetingLink: '',
  hours: null,
};

/** One place, or a page online: how to get there, and when it is open. */
export function LocationPage() {
  const { id } = useParams();
  return <LocationEditor key={id} id={id === 'new' || id === undefined ? null : id} />;
}

function LocationEditor({ id }: { id: string | null }) {
  const { business, data, may, editing, stranded, save } = useThingPage(
    'location',
    id,
    FRESH,
    (made) => `roster/locations/${made}`,
  );
  const { content, draft, wrong } = editing;
  if (editing.missing) {
    return <p>{say.thereNoSuchLocation}</p>;
  }
  if (data === undefined || content === null || draft === null) {
    return <p role="status">{say.fetchingLocation}</p>;
  }
  const names = namesOf(data);
  return (
    <div className="beside">
      <section className="beside-main">
        <h2>{id === null ? say.newLocation : content.name}</h2>
        <fieldset disabled={!may('change-setup')} className="contents">
          <Field
            id="location-name"
            label={say.name}
            maxLength={120}
            wrong={wrong['name']}
            value={content.name}
            onValue={(name) => editing.set({ name })}
          />
          <Check id="location-online" checked={content.online} onChange={(online) => editing.set({ online })}>
            {say.onlinePeopleMeetBy}
          </Check>
          <LocationReach business={business} content={content} set={editing.set} wrong={wrong} />
          <PictureField
            label={say.picture}
            picture={content.picture}
            onPicture={(picture) => editing.set({ picture })}
          />
          <Check
            id="location-hours"
            checked={content.hours !== null}
            onChange={(own) => editing.set({ hours: own ? data.openingHours : null })}
          >
            {say.hasHoursItsOwn}
          </Check>
          {content.hours !== null && (
            <WeekRuler
              id="place"
              table={content.hours}
              onChange={(hours) => editing.set({ hours })}
              empty={say.closed}
              within={data.openingHours}
              wrong={wrong['hours']}
            />
          )}
        </fieldset>
        {id !== null && <WhoWorksHere location={id} />}
        <ThingFoot
          editing={editing}
          name={content.name}
          unnamed={say.thisLocation}
          isNew={id === null}
          names={names}
          onSave={() => void save(say.saved({ name: content.name }))}
          list={`/at/${business}/roster/locations`}
        />
      </section>
      <Effects
        business={business}
        zone={data.timeZone}
        drafts={content.name === '' ? [] : [draft]}
        stranded={stranded}
      />
    </div>
  );
}

import { useState } from 'react';
import { Link, useParams } from 'react-router';
import { api, refusalOf, unwrap } from '../lib/api';
import { WeekRuler } from '../hours/WeekRuler';
import { Effects } from '../setup/Effects';
import { PictureField } from '../setup/PictureField';
import type { Contents } from '../setup/things';
import { ThingFoot } from '../setup/ThingFoot';
import { namesOf, useSetup } from '../setup/useSetup';
import { useThingPage } from '../setup/useThingPage';
import { Check } from '../ui/Check';
import { Field } from '../ui/Field';

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

/** Who is booked here: those who do a service that takes place here. */
function WhoWorksHere({ location }: { location: string }) {
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

function LocationEditor({ id }: { id: string | null }) {
  const { business, data, may, editing, stranded, save } = useThingPage(
    'location',
    id,
    FRESH,
    (made) => `roster/locations/${made}`,
  );
  const { content, draft, wrong } = editing;
  const [roomWrong, setRoomWrong] = useState<string | undefined>();
  if (editing.missing) {
    return <p>There is no such location. It may have been removed.</p>;
  }
  if (data === undefined || content === null || draft === null) {
    return <p role="status">Fetching the location</p>;
  }
  const openRoom = async () => {
    try {
      const room = await unwrap(
        api.POST('/api/businesses/{business}/meeting-rooms', {
          params: { path: { business } },
          body: { name: content.name === '' ? 'Online' : content.name },
        }),
      );
      editing.set({ meetingLink: room.link });
      setRoomWrong(undefined);
    } catch (no) {
      setRoomWrong(refusalOf(no).message);
    }
  };
  const names = namesOf(data);
  return (
    <div className="beside">
      <section className="beside-main">
        <h2>{id === null ? 'A new location' : content.name}</h2>
        <fieldset disabled={!may('change-setup')} className="contents">
          <Field
            id="location-name"
            label="Name"
            maxLength={120}
            wrong={wrong['name']}
            value={content.name}
            onValue={(name) => editing.set({ name })}
          />
          <Check id="location-online" checked={content.online} onChange={(online) => editing.set({ online })}>
            Online: people meet by a link
          </Check>
          {content.online ? (
            <div className="grid gap-2">
              <Field
                id="location-link"
                label="Meeting link"
                type="url"
                hint="Clients get it with their booking"
                maxLength={300}
                wrong={wrong['meetingLink'] ?? roomWrong}
                value={content.meetingLink}
                onValue={(meetingLink) => editing.set({ meetingLink })}
              />
              <p>
                <button type="button" id="open-room" className="button button-small" onClick={() => void openRoom()}>
                  Get a room from the meeting provider
                </button>
              </p>
            </div>
          ) : (
            <>
              <Field
                id="location-address"
                label="Address"
                autoComplete="street-address"
                maxLength={300}
                wrong={wrong['address']}
                value={content.address}
                onValue={(address) => editing.set({ address })}
              />
              <Field
                id="location-directions"
                label="How to get there"
                lines={3}
                maxLength={1000}
                wrong={wrong['directions']}
                value={content.directions}
                onValue={(directions) => editing.set({ directions })}
              />
              <Field
                id="location-phone"
                label="Phone"
                type="tel"
                maxLength={40}
                wrong={wrong['phone']}
                value={content.phone}
                onValue={(phone) => editing.set({ phone })}
              />
            </>
          )}
          <PictureField label="Picture" picture={content.picture} onPicture={(picture) => editing.set({ picture })} />
          <Check
            id="location-hours"
            checked={content.hours !== null}
            onChange={(own) => editing.set({ hours: own ? data.openingHours : null })}
          >
            Has hours of its own
          </Check>
          {content.hours !== null && (
            <WeekRuler
              id="place"
              table={content.hours}
              onChange={(hours) => editing.set({ hours })}
              empty="closed"
              within={data.openingHours}
              wrong={wrong['hours']}
            />
          )}
        </fieldset>
        {id !== null && <WhoWorksHere location={id} />}
        <ThingFoot
          editing={editing}
          name={content.name}
          unnamed="this location"
          isNew={id === null}
          names={names}
          onSave={() => void save(`${content.name} saved.`)}
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

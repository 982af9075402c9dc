import { useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { Link, useNavigate } from 'react-router';
import type { Schemas } from '../lib/api';
import { draftOf, thing } from '../setup/things';
import { useSave } from '../setup/useSave';
import { useSetup } from '../setup/useSetup';
import { Mark } from '../ui/Mark';
import { ServiceLink } from './ServiceLink';
import { Ordered } from '../setup/Ordered';
import { useOrder } from '../setup/useOrder';
import { writeLength } from '../lib/reading';
import { priceWords } from '../words/prices';

/** All services by category, in the order in which the page shows them. */
export function Services() {
  const { business, data, may } = useSetup();
  const [sought, setSought] = useState('');
  const [linked, setLinked] = useState<string | null>(null);
  const order = useOrder('services', data?.services.map((one) => one.id) ?? []);
  if (data === undefined) {
    return null;
  }
  const fits = data.services.filter((one) => one.name.toLowerCase().includes(sought.toLowerCase()));
  const groups = [...data.categories, { id: null, name: data.categories.length === 0 ? '' : 'Without a category' }]
    .map((category) => ({ ...category, services: order.sorted(fits.filter((one) => one.category === category.id)) }))
    .filter((group) => group.services.length > 0);
  return (
    <section className="grid gap-4">
      <div className="list-head">
        <h2>Services</h2>
        {data.services.length > 6 && (
          <input
            className="input list-search"
            type="search"
            aria-label="Find a service"
            placeholder="Find"
            value={sought}
            onChange={(event) => setSought(event.target.value)}
          />
        )}
        {may('change-setup') && (
          <Link className="button button-small" id="add-service" to={`/at/${business}/offer/services/new`}>
            Add a service
          </Link>
        )}
        {!data.published && data.services.length > 0 && (
          <Link className="button button-small button-next" to={`/at/${business}/gate`}>
            Go on to your page
          </Link>
        )}
      </div>
      {data.services.length === 0 && <p>What do you sell by the hour? One service is enough to begin with.</p>}
      {fits.length === 0 && sought !== '' && <p>Nothing is called “{sought}”.</p>}
      {groups.map((group) => (
        <div key={group.id} className="grid gap-2">
          {group.name !== '' && <h3 className="group-name">{group.name}</h3>}
          <Ordered rows={group.services} mayChange={may('change-setup')} onMove={order.move}>
            {(one, handle) => (
              <>
                <div className="row row-service">
                  {handle}
                  <Mark of={one} />
                  <Link to={`/at/${business}/offer/services/${one.id}`} className="row-name">
                    {one.name}
                  </Link>
                  <span className="row-soft">{lengthsOf(one)}</span>
                  <span className="row-soft row-price">{priceWords(one.price, data.currency)}</span>
                  <span className="row-soft row-wide">{names(one.staff, data.staff)}</span>
                  <span className="row-end">
                    {!one.active && <span className="word">resting</span>}
                    {one.visibility !== 'page' && (
                      <span className="word">{one.visibility === 'link' ? 'by link only' : 'desk only'}</span>
                    )}
                    <button
                      type="button"
                      className="button button-small"
                      aria-expanded={linked === one.id}
                      onClick={() => setLinked(linked === one.id ? null : one.id)}
                    >
                      Link<span className="sr-only"> of {one.name}</span>
                    </button>
                    {may('change-setup') && <Rest service={one} />}
                    {may('change-setup') && <Duplicate service={one} />}
                  </span>
                </div>
                {linked === one.id && <ServiceLink service={one} link={`${data.link}?service=${one.id}`} />}
              </>
            )}
          </Ordered>
        </div>
      ))}
    </section>
  );
}

/** "1 h", "1 h, 1 h 30", "1 h to 4 h": every length, not only the first. */
function lengthsOf({ kind, lengths, ownLength }: Schemas['ServiceRow']): string {
  return kind === 'session' ? 'sessions' : lengths.map(writeLength).join(ownLength ? ' to ' : ', ');
}

const names = (ids: readonly string[], staff: readonly Schemas['Member'][]): string =>
  ids.map((id) => staff.find((one) => one.id === id)?.name.split(' ')[0] ?? '').join(', ');

/** Nobody can book it while it rests; nothing is lost. */
function Rest({ service }: { service: Schemas['ServiceRow'] }) {
  const queries = useQueryClient();
  const { business, save } = useSave({ aloud: true });
  const put = async () => {
    const { content, version } = await queries.query({ ...thing(business, 'service', service.id), staleTime: 0 });
    await save(
      [draftOf.service(service.id, { ...content, active: !service.active }, version)],
      service.active ? `${service.name} rests: nobody can book it.` : `${service.name} can be booked again.`,
    );
  };
  return (
    <button type="button" className="button button-small" onClick={() => void put()}>
      {service.active ? 'Rest' : 'Wake'}
      <span className="sr-only"> {service.name}</span>
    </button>
  );
}

/** The same again under another name, resting until it has been looked at. */
function Duplicate({ service }: { service: Schemas['ServiceRow'] }) {
  const queries = useQueryClient();
  const navigate = useNavigate();
  const { business, save } = useSave({ aloud: true });
  const make = async () => {
    const { content } = await queries.query({ ...thing(business, 'service', service.id), staleTime: 0 });
    const saved = await save(
      [draftOf.service(null, { ...content, name: `${content.name}, again`, active: false }, null)],
      `A copy of ${service.name} is here, resting.`,
    );
    if (saved?.ids[0] !== undefined) {
      await navigate(`/at/${business}/offer/services/${saved.ids[0]}`);
    }
  };
  return (
    <button type="button" className="button button-small" onClick={() => void make()}>
      Duplicate<span className="sr-only"> {service.name}</span>
    </button>
  );
}

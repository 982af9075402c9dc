import { useState } from 'react';
import { Link } from 'react-router';
import { duration, money } from '../lib/format';
import { useSetup } from '../roster/useSetup';
import { ServiceForm } from './ServiceForm';

/** What can be booked. */
export function Offer() {
  const { business, data } = useSetup();
  const [open, setOpen] = useState<string | null>(null);
  if (data === undefined) {
    return (
      <p className="p-5" role="status">
        Fetching the offer
      </p>
    );
  }
  const isNew = open === 'new' || (open === null && data.services.length === 0);
  return (
    <main className="mx-auto grid w-full max-w-4xl gap-5 px-5 py-6">
      <h1 className="text-3xl">Offer</h1>
      {data.services.length === 0 && <p>What do you sell by the hour? One service is enough to begin with.</p>}
      <ul className="grid gap-2">
        {data.services.map((service) => (
          <li key={service.id} className="rounded-xl border border-line bg-paper p-4">
            <div className="flex flex-wrap items-baseline gap-x-4 gap-y-1">
              <b className="text-lg">{service.name}</b>
              <span>{duration(service.minutes)}</span>
              <span>{service.price === 0 ? 'free' : money(service.price, data.currency)}</span>
              <span className="text-soft">
                {data.staff
                  .filter((one) => service.staff.includes(one.id))
                  .map((one) => one.name)
                  .join(', ')}
              </span>
              {!service.active && <span className="word">resting</span>}
              <span className="flex-1" />
              <button
                type="button"
                className="button button-small"
                aria-expanded={open === service.id}
                onClick={() => setOpen(open === service.id ? null : service.id)}
              >
                {open === service.id ? 'Close' : 'Change'}
                <span className="sr-only"> {service.name}</span>
              </button>
            </div>
            {open === service.id && <ServiceForm service={service} setup={data} onDone={() => setOpen('')} />}
          </li>
        ))}
      </ul>
      {isNew ? (
        <div className="rounded-xl border border-line bg-paper p-4">
          <h2 className="text-xl">A new service</h2>
          <ServiceForm service={null} setup={data} onDone={() => setOpen('')} />
        </div>
      ) : (
        <p className="flex flex-wrap gap-3">
          <button type="button" id="add-service" className="button" onClick={() => setOpen('new')}>
            Add a service
          </button>
          {!data.published && (
            <Link className="button button-next" to={`/at/${business}/gate`}>
              Go on to your page
            </Link>
          )}
        </p>
      )}
    </main>
  );
}

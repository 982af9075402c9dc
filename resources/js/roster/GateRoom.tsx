import { useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { Link } from 'react-router';
import { api, unwrap, type Schemas } from '../lib/api';
import { useFields } from '../ui/useFields';
import { FactsFields, type FactKey } from './FactsFields';
import { Saved } from './Saved';
import { useSetup } from './useSetup';

const PLACES = { hours: 'roster', staff: 'roster', services: 'offer' } as const;

/** Whether the page is shown to the world, what is still missing, and the facts on it. */
export function GateRoom({ me }: { me: Schemas['Me'] }) {
  const { business, data, save, saved, refused } = useSetup();
  const queries = useQueryClient();
  const [sent, setSent] = useState(false);
  if (data === undefined) {
    return (
      <p className="p-5" role="status">
        Fetching the page
      </p>
    );
  }
  const publish = (published: boolean) =>
    void save(
      unwrap(api.PUT('/api/businesses/{business}/published', { params: { path: { business } }, body: { published } })),
    );
  const resend = async () => {
    await api.POST('/api/verify/resend');
    setSent(true);
    await queries.invalidateQueries({ queryKey: ['me'] });
  };
  return (
    <main className="mx-auto grid w-full max-w-3xl gap-6 px-5 py-6">
      <h1 className="text-3xl">Gate</h1>
      <section className="grid gap-3 rounded-2xl border border-line bg-paper p-5">
        <h2 className="text-2xl">{data.published ? 'Your page takes bookings.' : 'Your page is not shown yet.'}</h2>
        {data.published && (
          <p>
            <a href={data.link} id="page-link" className="font-semibold">
              {data.link}
            </a>
          </p>
        )}
        {me.user?.verified === false && (
          <div className="notice grid gap-2">
            <p>
              We have sent a link to {me.user.email}. Open it to confirm that the address is yours; then you can
              publish.
            </p>
            <p>
              <button type="button" className="button button-small" onClick={() => void resend()}>
                {sent ? 'Sent again' : 'Send it again'}
              </button>
            </p>
          </div>
        )}
        {data.missing.length > 0 && (
          <ul className="notice grid gap-1" aria-label="Still missing">
            {data.missing.map((one) => (
              <li key={one.what}>
                <Link to={`/at/${business}/${PLACES[one.where]}`}>{one.what}</Link>
              </li>
            ))}
          </ul>
        )}
        <Saved saved={saved} refused={refused} />
        <p>
          {data.published ? (
            <button type="button" className="button" onClick={() => publish(false)}>
              Take the page down
            </button>
          ) : (
            <button type="button" id="publish" className="button button-next" onClick={() => publish(true)}>
              Publish the page
            </button>
          )}
        </p>
      </section>
      <FactsForm setup={data} />
    </main>
  );
}

function FactsForm({ setup }: { setup: Schemas['Setup'] }) {
  const { business, save, saved, refused } = useSetup();
  const { values: facts, field } = useFields<FactKey>({
    name: setup.name,
    slug: setup.slug,
    about: setup.about,
    address: setup.address,
    timeZone: setup.timeZone,
    currency: setup.currency,
  });
  const send = async () => {
    const done = await save(
      unwrap(api.PUT('/api/businesses/{business}/facts', { params: { path: { business } }, body: facts })),
    );
    if (done && facts.slug !== business) {
      window.location.assign(`/at/${facts.slug}/gate`);
    }
  };
  return (
    <form
      className="grid gap-4"
      noValidate
      onSubmit={(event) => {
        event.preventDefault();
        void send();
      }}
    >
      <h2 className="text-2xl">What stands on it</h2>
      <FactsFields field={(key) => field(key, refused?.fields)} host={window.location.host} about />
      <Saved saved={saved} refused={refused} />
      <button type="submit" className="button justify-self-start">
        Save
      </button>
    </form>
  );
}

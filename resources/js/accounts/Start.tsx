import { useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { useNavigate } from 'react-router';
import { api, unwrap, type Schemas } from '../lib/api';
import { Field } from '../ui/Field';
import { me as meQuery, setup } from '../workspace/queries';
import { Door } from './Door';

const slugOf = (name: string): string =>
  name
    .normalize('NFD')
    .replaceAll(/[\u0300-\u036f]/g, '')
    .toLowerCase()
    .replaceAll(/[^a-z0-9]+/g, '-')
    .replaceAll(/^-|-$/g, '');

/** The first business: what it is called and where it is; the rest has sensible values. */
export function Start({ me }: { me: Schemas['Me'] }) {
  const queries = useQueryClient();
  const navigate = useNavigate();
  const [facts, setFacts] = useState({
    name: '',
    slug: '',
    about: '',
    address: '',
    timeZone: Intl.DateTimeFormat().resolvedOptions().timeZone,
    currency: 'EUR',
  });
  const [ownSlug, setOwnSlug] = useState(false);
  const set = (key: keyof typeof facts) => (value: string) => setFacts({ ...facts, [key]: value });
  return (
    <Door
      title={`Welcome, ${me.user?.name ?? ''}`}
      action="Make my page"
      onSend={async () => {
        const made = await unwrap(api.POST('/api/businesses', { body: facts }));
        queries.setQueryData(setup(made.slug).queryKey, made);
        await queries.invalidateQueries({ queryKey: meQuery.queryKey });
        await navigate(`/at/${made.slug}/offer`);
      }}
    >
      {(wrong) => (
        <>
          <Field
            id="name"
            label="What is your business called?"
            wrong={wrong['name']}
            value={facts.name}
            onValue={(name) => setFacts({ ...facts, name, slug: ownSlug ? facts.slug : slugOf(name) })}
          />
          <Field
            id="slug"
            label="Address of your page"
            hint={`${window.location.host}/book/${facts.slug === '' ? '…' : facts.slug}`}
            wrong={wrong['slug']}
            value={facts.slug}
            onValue={(slug) => {
              setOwnSlug(true);
              setFacts({ ...facts, slug });
            }}
          />
          <Field
            id="address"
            label="Where clients come to"
            autoComplete="street-address"
            wrong={wrong['address']}
            value={facts.address}
            onValue={set('address')}
          />
          <div className="grid grid-cols-2 gap-3">
            <Field
              id="timeZone"
              label="Time zone"
              list="zones"
              wrong={wrong['timeZone']}
              value={facts.timeZone}
              onValue={set('timeZone')}
            />
            <Field
              id="currency"
              label="Currency"
              maxLength={3}
              wrong={wrong['currency']}
              value={facts.currency}
              onValue={(value) => set('currency')(value.toUpperCase())}
            />
          </div>
          <Zones />
        </>
      )}
    </Door>
  );
}

export function Zones() {
  return (
    <datalist id="zones">
      {Intl.supportedValuesOf('timeZone').map((zone) => (
        <option key={zone} value={zone} />
      ))}
    </datalist>
  );
}

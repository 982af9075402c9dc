import { useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { useNavigate } from 'react-router';
import { api, unwrap, type Schemas } from '../lib/api';
import { FactsFields, type FactKey } from '../roster/FactsFields';
import { useFields } from '../ui/useFields';
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
  const { values, set, field } = useFields({
    name: '',
    slug: '',
    about: '',
    address: '',
    timeZone: Intl.DateTimeFormat().resolvedOptions().timeZone,
    currency: 'EUR',
  });
  const [ownSlug, setOwnSlug] = useState(false);
  const fact = (key: FactKey, wrong: Readonly<Record<string, string>>) => ({
    ...field(key, wrong),
    onValue: (value: string) => {
      set(key, key === 'currency' ? value.toUpperCase() : value);
      if (key === 'slug') {
        setOwnSlug(true);
      }
      if (key === 'name' && !ownSlug) {
        set('slug', slugOf(value));
      }
    },
  });
  return (
    <Door
      title={`Welcome, ${me.user?.name ?? ''}`}
      action="Make my page"
      onSend={async () => {
        const made = await unwrap(api.POST('/api/businesses', { body: values }));
        queries.setQueryData(setup(made.slug).queryKey, made);
        await queries.invalidateQueries({ queryKey: meQuery.queryKey });
        await navigate(`/at/${made.slug}/offer`);
      }}
    >
      {(wrong) => <FactsFields field={(key) => fact(key, wrong)} host={window.location.host} about={false} />}
    </Door>
  );
}

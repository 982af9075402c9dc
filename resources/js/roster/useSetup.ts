import { useQuery, useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { useParams } from 'react-router';
import { refusalOf, type Refusal, type Schemas } from '../lib/api';
import { me, setup } from '../workspace/queries';

/** The set-up of the business at hand, and a way to save a part of it: what comes back is shown at once. */
export function useSetup() {
  const business = useParams()['business'] ?? '';
  const queries = useQueryClient();
  const { data } = useQuery(setup(business));
  const [refused, setRefused] = useState<Refusal | null>(null);
  const [saved, setSaved] = useState(false);
  const save = async (sending: Promise<Schemas['Setup']>): Promise<boolean> => {
    setSaved(false);
    try {
      const now = await sending;
      queries.setQueryData(setup(now.slug).queryKey, now);
      await queries.invalidateQueries({ queryKey: me.queryKey });
      await queries.invalidateQueries({ queryKey: ['board'] });
      setRefused(null);
      setSaved(true);
      return true;
    } catch (wrong) {
      setRefused(refusalOf(wrong));
      return false;
    }
  };
  const wrong = (field: string): string | undefined =>
    refused?.fields?.[field] ?? Object.entries(refused?.fields ?? {}).find(([key]) => key.startsWith(`${field}.`))?.[1];
  return { business, data, save, refused, saved, wrong, clear: () => setRefused(null) };
}

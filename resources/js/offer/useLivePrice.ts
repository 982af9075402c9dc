import { keepPreviousData, useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import { api, unwrap } from '../lib/api';
import { readClock } from '../lib/clock';
import { addDays, dateIn } from '../lib/format';
import type { Draft } from '../setup/things';
import { useSettled } from '../ui/useSettled';

export type Wish = {
  date: string;
  time: string;
  staff: string | null;
  minutes: number | null;
  party: number;
  visit: number;
  addOns: Readonly<Record<string, number>>;
  code: string;
  client: string | null;
};

/** The visit an owner tries their prices on, and what it costs by what is typed and by what is saved. */
export function useLivePrice(business: string, draft: Draft, zone: string) {
  const [wish, setWish] = useState<Wish>(() => ({
    date: addDays(dateIn(new Date().toISOString(), zone), 7),
    time: '10:00',
    staff: null,
    minutes: null,
    party: 1,
    visit: 1,
    addOns: {},
    code: '',
    client: null,
  }));
  const { date, time, code, addOns, ...rest } = useSettled(wish, 180); // ms
  const settled = useSettled(draft, 180); // ms
  const named = settled.kind === 'service' && settled.content !== null && settled.content.name !== '';
  const asked = {
    ...rest,
    drafts: [settled],
    at: `${date}T${time}`,
    addOns: { ...addOns },
    codes: code.trim() === '' ? [] : [code],
  };
  const { data, error } = useQuery({
    queryKey: ['effect', business, 'quote', JSON.stringify(asked)] as const,
    queryFn: async ({ signal }) =>
      unwrap(
        api.POST('/api/businesses/{business}/drafts/quote', { params: { path: { business } }, body: asked, signal }),
      ),
    enabled: named && readClock(time) === time && wish.party > 0 && wish.visit > 0,
    placeholderData: keepPreviousData,
    retry: false,
  });
  return { wish, set: (changes: Partial<Wish>) => setWish((now) => ({ ...now, ...changes })), data, error };
}

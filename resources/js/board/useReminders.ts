import { useQuery, useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { api, refusalOf, unwrap } from '../lib/api';
import { reminders } from '../lib/queries';
import { outdated } from '../lib/outdated';

/** What somebody wants to be reminded of on a date: their own alone. */
export function useReminders(business: string, date: string) {
  const queries = useQueryClient();
  const { data } = useQuery(reminders(business, date));
  const [trouble, setTrouble] = useState<string | null>(null);
  const after = async (doing: Promise<unknown>) => {
    setTrouble(null);
    try {
      await doing;
      await outdated(queries, 'reminder', business);
      return true;
    } catch (wrong) {
      const { fields, message } = refusalOf(wrong);
      setTrouble(Object.values(fields ?? {})[0] ?? message);
      return false;
    }
  };
  const at = (id: string) => ({ params: { path: { business, id } } });
  return {
    all: data?.reminders ?? [],
    trouble,
    /** @param clock "16:00" */
    add: (clock: string, text: string) => {
      const body = { at: `${date}T${clock}`, text };
      return after(unwrap(api.POST('/api/businesses/{business}/reminders', { params: { path: { business } }, body })));
    },
    finish: (id: string, done: boolean) =>
      after(unwrap(api.POST('/api/businesses/{business}/reminders/{id}', { ...at(id), body: { done } }))),
    drop: (id: string) => after(unwrap(api.DELETE('/api/businesses/{business}/reminders/{id}', at(id)))),
  };
}

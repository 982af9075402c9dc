import { useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { answered } from '../lib/answered';
import { refusalOf, unwrap, type Refusal, type Schemas } from '../lib/api';
import { sale as saleQuery } from '../lib/queries';
import { outdated } from '../lib/outdated';
import { useNotices } from '../ui/Notices';

type Answer = Parameters<typeof unwrap<Schemas['Sale']>>[0];

/** Does something to a sale: what it has become is shown at once, what was refused is said where it was asked. */
export function useSaleAct(business: string, id: string) {
  const queries = useQueryClient();
  const [refusal, setRefusal] = useState<Refusal | null>(null);
  const [busy, setBusy] = useState(false);
  const { clear } = useNotices();
  /** @returns whether it was done */
  const act = async (asked: Answer): Promise<boolean> => {
    setBusy(true);
    setRefusal(null);
    clear(); // what was said before belongs to another act
    try {
      await answered(queries, saleQuery(business, id).queryKey, await unwrap(asked));
      void outdated(queries, 'sale', business);
      return true;
    } catch (wrong) {
      const said = refusalOf(wrong);
      setRefusal(said);
      if (said.code === 'meanwhile') {
        await queries.invalidateQueries({ queryKey: saleQuery(business, id).queryKey });
      }
      return false;
    } finally {
      setBusy(false);
    }
  };
  return {
    act,
    busy,
    wrong: refusal?.fields ?? {},
    trouble: refusal === null || refusal.fields !== undefined ? null : refusal.message,
  };
}

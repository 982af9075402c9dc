import { useQuery } from '@tanstack/react-query';
import { useState, type SubmitEvent } from 'react';
import { api, unwrap, type Schemas } from '../lib/api';
import { money } from '../lib/format';
import { Check } from '../ui/Check';
import { Choice } from '../ui/Choice';
import { Columns } from '../ui/Columns';
import { hintLook } from '../ui/Labelled';
import { MoneyField } from '../ui/MoneyField';
import { useSettled } from '../ui/useSettled';
import { Wrong } from '../ui/Wrong';
import { ActFoot } from './ActFoot';
import { useSaleAct } from './useSaleAct';
import * as say from '@words/sales';

type Taking = Schemas['Taking'];
type Props = { business: string; sale: Schemas['Sale']; onDone: () => void };

const WAIT = 250; // ms

/** In parts, with a tip, with change: what it leaves is said before it is done. */
export function TakeForm({ business, sale, onDone }: Props) {
  const saying = useSaleAct(business, sale.id);
  const { act, wrong } = saying;
  const [taking, setTaking] = useState<Taking>(() => ({
    method: 'cash',
    amount: sale.due,
    tip: 0,
    given: null,
    keepsRest: false,
    seen: sale.owed,
  }));
  const set = (some: Partial<Taking>) => setTaking((now) => ({ ...now, ...some }));
  const body = { ...taking, given: taking.method === 'cash' ? taking.given : null, seen: sale.owed };
  const left = useTried(business, sale, body);
  const params = { path: { business, id: sale.id } };
  const submit = async (event: SubmitEvent) => {
    event.preventDefault();
    const done = await act(api.POST('/api/businesses/{business}/sales/{id}/payments', { params, body }));
    if (done) {
      onDone();
    }
  };
  const field = (key: 'amount' | 'tip' | 'given', label: string) => (
    <MoneyField
      id={`take-${key}`}
      label={label}
      currency={sale.currency}
      wrong={wrong[key]}
      value={taking[key] ?? 0}
      onValue={(value) => set({ [key]: key === 'given' && value === 0 ? null : value })}
    />
  );
  return (
    <form className="grid gap-3" onSubmit={(event) => void submit(event)}>
      <Choice
        label={say.way}
        value={taking.method}
        options={(['cash', 'card', 'transfer', 'credit'] as const)
          .filter((way) => way !== 'credit' || sale.credit > 0)
          .map((way) => [way, say.ways[way]] as const)}
        onValue={(method) => set({ method })}
      />
      {taking.method === 'credit' && (
        <p className={hintLook}>{say.hasCredit({ amount: money(sale.credit, sale.currency) })}</p>
      )}
      <Columns>
        {field('amount', say.howMuch)}
        {field('tip', say.howMuchTip)}
        {taking.method === 'cash' && field('given', say.howMuchGiven)}
      </Columns>
      {left !== null && <Left left={left} sale={sale} />}
      {taking.method === 'cash' && taking.given !== null && (
        <Check id="keeps-rest" checked={taking.keepsRest} onChange={(keepsRest) => set({ keepsRest })}>
          {say.keepsRest}
        </Check>
      )}
      {[wrong['keepsRest'], wrong['method']].map(
        (one) =>
          one !== undefined && (
            <Wrong key={one} as="p" role="alert">
              {one}
            </Wrong>
          ),
      )}
      <ActFoot id="take-it" does={say.take} kind="next" saying={saying} onLeave={onDone} />
    </form>
  );
}

function Left({ left, sale }: { left: { due: number; change: number }; sale: Schemas['Sale'] }) {
  return (
    <div>
      {left.change > 0 && (
        <p className="sale-figure" id="take-change">
          <span className="font-semibold">{say.change}</span>
          <strong>{money(left.change, sale.currency)}</strong>
        </p>
      )}
      {left.due > 0 && (
        <p className="sale-figure">
          <span className="font-semibold">{say.missingThen}</span>
          <strong>{money(left.due, sale.currency)}</strong>
        </p>
      )}
    </div>
  );
}

/** What would be missing and what would be handed back; nothing where it cannot be as it is typed. */
function useTried(business: string, sale: Schemas['Sale'], body: Taking): { due: number; change: number } | null {
  const asked = useSettled(body, WAIT);
  const { data } = useQuery({
    queryKey: ['tried', business, sale.id, asked],
    queryFn: async ({ signal }) =>
      unwrap(
        api.POST('/api/businesses/{business}/sales/{id}/payments', {
          params: { path: { business, id: sale.id } },
          body: { ...asked, tries: 1 },
          signal,
        }),
      ),
    retry: false,
    gcTime: 0,
  });
  const last = data?.payments.at(-1);
  return data === undefined || last === undefined ? null : { due: data.due, change: last.change };
}

import { useState, type SubmitEvent } from 'react';
import { api, type Schemas } from '../lib/api';
import { useSetup } from '../setup/useSetup';
import { Check } from '../ui/Check';
import { Columns } from '../ui/Columns';
import { Field } from '../ui/Field';
import { MoneyField } from '../ui/MoneyField';
import { Select } from '../ui/Select';
import { ActFoot } from './ActFoot';
import { useSaleAct } from './useSaleAct';
import * as say from '@words/sales';

type Props = { business: string; sale: Schemas['Sale']; onDone: () => void };

/** A product, or a correction that takes something off. */
export function LineForm({ business, sale, onDone }: Props) {
  const { data } = useSetup();
  const saying = useSaleAct(business, sale.id);
  const { act, wrong } = saying;
  const [line, setLine] = useState({ label: '', amount: 0, rate: '', less: false });
  const set = (some: Partial<typeof line>) => setLine((now) => ({ ...now, ...some }));
  const submit = async (event: SubmitEvent) => {
    event.preventDefault();
    const done = await act(
      api.POST('/api/businesses/{business}/sales/{id}/lines', {
        params: { path: { business, id: sale.id } },
        body: {
          label: line.label,
          amount: line.less ? -line.amount : line.amount,
          taxRate: line.rate === '' ? null : line.rate,
          why: line.less ? line.label : '',
          seen: sale.owed,
        },
      }),
    );
    if (done) {
      onDone();
    }
  };
  const rates = (data?.taxRates ?? []).map((rate) => [rate.id, rate.name] as const);
  return (
    <form className="grid gap-3" onSubmit={(event) => void submit(event)}>
      <Field
        id="line-label"
        label={say.lineLabel}
        maxLength={120}
        wrong={wrong['label'] ?? wrong['why']}
        value={line.label}
        onValue={(label) => set({ label })}
      />
      <Columns>
        <MoneyField
          id="line-amount"
          label={say.lineAmount}
          currency={sale.currency}
          wrong={wrong['amount']}
          value={line.amount}
          onValue={(amount) => set({ amount })}
        />
        {rates.length > 0 && (
          <Select
            id="line-tax"
            label={say.lineTax}
            value={line.rate}
            options={[['', say.noTax], ...rates]}
            onValue={(rate) => set({ rate })}
          />
        )}
      </Columns>
      <Check id="line-less" checked={line.less} onChange={(less) => set({ less })}>
        {say.lineTakesOff}
      </Check>
      <ActFoot id="line-do" does={say.add} saying={saying} onLeave={onDone} />
    </form>
  );
}

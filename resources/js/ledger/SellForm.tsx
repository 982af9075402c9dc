import { useQueryClient } from '@tanstack/react-query';
import { useState, type SubmitEvent } from 'react';
import { useNavigate } from 'react-router';
import { guestOf, NOBODY } from '../guests/who';
import { WhoPart } from '../guests/WhoPart';
import { answered } from '../lib/answered';
import { api, refusalOf, unwrap, type Refusal } from '../lib/api';
import { sale as saleQuery } from '../lib/queries';
import { outdated } from '../lib/outdated';
import { stillHere } from '../lib/stillHere';
import { newId } from '../setup/things';
import { useSetup } from '../setup/useSetup';
import { Alert } from '../ui/Alert';
import { Button } from '../ui/Button';
import { Columns } from '../ui/Columns';
import { Field } from '../ui/Field';
import { MoneyField } from '../ui/MoneyField';
import { Select } from '../ui/Select';
import { Wrong } from '../ui/Wrong';
import * as say from '@words/ledger';

/** Somebody buys who has booked nothing: whom it is for, what, and how much; the rest is done on the sale itself. */
export function SellForm() {
  const { business, data } = useSetup();
  const queries = useQueryClient();
  const go = useNavigate();
  const [id] = useState(newId);
  const [sold, setSold] = useState({ who: NOBODY, label: '', amount: 0, rate: '' });
  const [refusal, setRefusal] = useState<Refusal | null>(null);
  const [busy, setBusy] = useState(false);
  const set = (some: Partial<typeof sold>) => setSold((now) => ({ ...now, ...some }));
  const wrong = refusal?.fields ?? {};
  const list = `/at/${business}/ledger/sales`;
  const submit = async (event: SubmitEvent) => {
    event.preventDefault();
    const isStillHere = stillHere();
    setBusy(true);
    setRefusal(null);
    try {
      const { who, label, amount, rate } = sold;
      const body = { id, ...guestOf(who), label, amount, taxRate: rate === '' ? null : rate };
      const sale = await unwrap(api.POST('/api/businesses/{business}/sales', { params: { path: { business } }, body }));
      await answered(queries, saleQuery(business, sale.id).queryKey, sale);
      await outdated(queries, 'sale', business);
      if (isStillHere()) {
        // else somebody has gone on meanwhile
        await go(`${list}/${sale.id}`, { replace: true });
      }
    } catch (why) {
      setRefusal(refusalOf(why));
      setBusy(false);
    }
  };
  const rates = (data?.taxRates ?? []).map((rate) => [rate.id, rate.name] as const);
  return (
    <form noValidate className="grid max-w-xl gap-4" onSubmit={(event) => void submit(event)}>
      <h2>{say.newSale}</h2>
      <div className="grid gap-1">
        <label htmlFor="sell-who" className="font-semibold">
          {say.whoBuys}
        </label>
        <p className="flex flex-wrap items-center gap-2">
          <WhoPart
            business={business}
            id="sell"
            label={say.whoBuys}
            who={sold.who}
            wrong={wrong}
            onWho={(who) => set({ who })}
          />
        </p>
      </div>
      {['name', 'client', 'email', 'phone'].map(
        (field) =>
          wrong[field] !== undefined && (
            <Wrong key={field} as="p" role="alert">
              {wrong[field]}
            </Wrong>
          ),
      )}
      <Field
        id="sell-label"
        label={say.whatIsSold}
        maxLength={120}
        wrong={wrong['label']}
        value={sold.label}
        onValue={(label) => set({ label })}
      />
      <Columns>
        <MoneyField
          id="sell-amount"
          label={say.priceOfIt}
          currency={data?.currency ?? 'EUR'}
          wrong={wrong['amount']}
          value={sold.amount}
          onValue={(amount) => set({ amount })}
        />
        {rates.length > 0 && (
          <Select
            id="sell-tax"
            label={say.taxOfIt}
            value={sold.rate}
            options={[['', say.withoutTax], ...rates]}
            onValue={(rate) => set({ rate })}
          />
        )}
      </Columns>
      <Alert says={refusal === null || refusal.fields !== undefined ? null : refusal.message} />
      <p className="flex flex-wrap gap-2">
        <Button id="sell" kind="next" type="submit" disabled={busy}>
          {say.sellIt}
        </Button>
        <Button onClick={() => void go(list)}>{say.leaveSale}</Button>
      </p>
    </form>
  );
}

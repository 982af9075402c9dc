import { useState, type SubmitEvent } from 'react';
import { api, type Schemas } from '../lib/api';
import { money } from '../lib/format';
import { Check } from '../ui/Check';
import { MoneyField } from '../ui/MoneyField';
import { noticeLook } from '../ui/Notice';
import { ActFoot } from './ActFoot';
import { useSaleAct } from './useSaleAct';
import * as say from '@words/sales';

type Props = { business: string; sale: Schemas['Sale']; open: Schemas['OpenPrice'] };

/** A price that was left open: asked for, and settled once. */
export function OpenPrice({ business, sale, open }: Props) {
  const saying = useSaleAct(business, sale.id);
  const [amount, setAmount] = useState(open.from ?? -1);
  const [told, setTold] = useState(true);
  const submit = (event: SubmitEvent) => {
    event.preventDefault();
    const params = { path: { business, id: open.booking } };
    void saying.act(api.POST('/api/businesses/{business}/bookings/{id}/price', { params, body: { amount, told } }));
  };
  return (
    <form className={`${noticeLook()} grid gap-2`} onSubmit={submit}>
      <p>
        {open.from === null
          ? say.priceOpen({ service: open.service })
          : say.priceOpenFrom({ service: open.service, from: money(open.from, sale.currency) })}
      </p>
      <MoneyField
        id={`open-price-${open.booking}`}
        label={say.settledAt}
        currency={sale.currency}
        asked
        wrong={saying.wrong['amount']}
        value={amount}
        onValue={setAmount}
      />
      {sale.email !== '' && (
        <Check checked={told} onChange={setTold}>
          {say.mailThePrice}
        </Check>
      )}
      <ActFoot id="settle-price" does={say.settlePrice} kind="next" saying={saying} />
    </form>
  );
}

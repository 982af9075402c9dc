import type { SubmitEvent } from 'react';
import { api, type Schemas } from '../lib/api';
import { Field } from '../ui/Field';
import { useFields } from '../ui/useFields';
import { ActFoot } from './ActFoot';
import { useSaleAct } from './useSaleAct';
import * as say from '@words/sales';

type Props = { business: string; sale: Schemas['Sale']; onDone: () => void };

/** Whom the invoice is for. Once issued it never changes. */
export function InvoiceForm({ business, sale, onDone }: Props) {
  const saying = useSaleAct(business, sale.id);
  const { act, wrong } = saying;
  const { values, field } = useFields({ name: sale.name, address: '' }, 'invoice-');
  const submit = async (event: SubmitEvent) => {
    event.preventDefault();
    const params = { path: { business, id: sale.id } };
    if (await act(api.POST('/api/businesses/{business}/sales/{id}/invoice', { params, body: values }))) {
      onDone();
    }
  };
  return (
    <form className="grid gap-3" onSubmit={(event) => void submit(event)}>
      <Field {...field('name', wrong)} label={say.invoiceName} maxLength={120} />
      <Field {...field('address', wrong)} label={say.invoiceAddress} lines={3} maxLength={300} />
      <ActFoot id="invoice-do" does={say.issue} saying={saying} onLeave={onDone} />
    </form>
  );
}

import type { SubmitEvent } from 'react';
import { api, type Schemas } from '../lib/api';
import { Button } from '../ui/Button';
import { Field } from '../ui/Field';
import { useFields } from '../ui/useFields';
import { Wrong } from '../ui/Wrong';
import { useSaleAct } from './useSaleAct';
import * as say from '@words/sales';

type Props = { business: string; sale: Schemas['Sale']; onDone: () => void };

/** Whom the invoice is for. Once issued it never changes. */
export function InvoiceForm({ business, sale, onDone }: Props) {
  const { act, busy, wrong, trouble } = useSaleAct(business, sale.id);
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
      {trouble !== null && (
        <Wrong as="p" role="alert">
          {trouble}
        </Wrong>
      )}
      <p className="flex flex-wrap gap-2">
        <Button type="submit" id="invoice-do" small disabled={busy}>
          {say.issue}
        </Button>
        <Button small onClick={onDone}>
          {say.leave}
        </Button>
      </p>
    </form>
  );
}

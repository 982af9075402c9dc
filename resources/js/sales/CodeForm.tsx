import { useState, type SubmitEvent } from 'react';
import { api, type Schemas } from '../lib/api';
import { Button } from '../ui/Button';
import { Field } from '../ui/Field';
import { Wrong } from '../ui/Wrong';
import { useSaleAct } from './useSaleAct';
import * as say from '@words/sales';

type Props = { business: string; sale: Schemas['Sale']; booking: string; onDone: () => void };

/** An offer code that is named once it is booked. */
export function CodeForm({ business, sale, booking, onDone }: Props) {
  const { act, busy, wrong, trouble } = useSaleAct(business, sale.id);
  const [code, setCode] = useState('');
  const submit = async (event: SubmitEvent) => {
    event.preventDefault();
    const params = { path: { business, id: booking } };
    if (await act(api.POST('/api/businesses/{business}/bookings/{id}/code', { params, body: { code } }))) {
      onDone();
    }
  };
  return (
    <form className="grid gap-3" onSubmit={(event) => void submit(event)}>
      <Field
        id="sale-code-field"
        label={say.code}
        maxLength={60}
        autoComplete="off"
        wrong={wrong['code']}
        value={code}
        onValue={setCode}
      />
      {trouble !== null && (
        <Wrong as="p" role="alert">
          {trouble}
        </Wrong>
      )}
      <p className="flex flex-wrap gap-2">
        <Button type="submit" id="code-do" small disabled={busy}>
          {say.takeCode}
        </Button>
        <Button small onClick={onDone}>
          {say.leave}
        </Button>
      </p>
    </form>
  );
}

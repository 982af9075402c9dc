import { useState, type SubmitEvent } from 'react';
import { api, type Schemas } from '../lib/api';
import { Field } from '../ui/Field';
import { ActFoot } from './ActFoot';
import { useSaleAct } from './useSaleAct';
import * as say from '@words/sales';

type Props = { business: string; sale: Schemas['Sale']; booking: string; onDone: () => void };

/** An offer code that is named once it is booked. */
export function CodeForm({ business, sale, booking, onDone }: Props) {
  const saying = useSaleAct(business, sale.id);
  const { act, wrong } = saying;
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
      <ActFoot id="code-do" does={say.takeCode} saying={saying} onLeave={onDone} />
    </form>
  );
}

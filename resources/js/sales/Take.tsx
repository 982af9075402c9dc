import { useRef, useState } from 'react';
import { api, type Schemas } from '../lib/api';
import { money } from '../lib/format';
import { Alert } from '../ui/Alert';
import { Button } from '../ui/Button';
import { useKey } from '../ui/useKey';
import { TakeForm } from './TakeForm';
import { useSaleAct } from './useSaleAct';
import * as say from '@words/sales';

type Props = { business: string; sale: Schemas['Sale'] };

/**
 * One press for all of it in cash or by card; anything else beneath. Whoever was a moment too late is told so, although
 * nothing is due any more.
 */
export function Take({ business, sale }: Props) {
  const { act, busy, trouble } = useSaleAct(business, sale.id);
  const [parts, setParts] = useState(false);
  const cash = useRef<HTMLButtonElement>(null);
  useKey('p', () => cash.current?.focus());
  const amount = money(sale.due, sale.currency);
  const params = { path: { business, id: sale.id } };
  const whole = (method: 'cash' | 'card') =>
    act(
      api.POST('/api/businesses/{business}/sales/{id}/payments', {
        params,
        body: { method, amount: sale.due, tip: 0, given: null, keepsRest: false, seen: sale.owed },
      }),
    );
  if (parts) {
    return <TakeForm business={business} sale={sale} onDone={() => setParts(false)} />;
  }
  return (
    <div className="grid gap-2">
      <Alert says={trouble} />
      {sale.due > 0 && (
        <p className="flex flex-wrap items-center gap-2">
          <b className="w-full text-lg">{say.isDue({ amount })}</b>
          <Button
            id="take-cash"
            ref={cash}
            kind="next"
            small
            disabled={busy}
            aria-label={say.allInCash({ amount })}
            onClick={() => void whole('cash')}
          >
            {say.inCash}
          </Button>
          <Button
            id="take-card"
            small
            disabled={busy}
            aria-label={say.allByCard({ amount })}
            onClick={() => void whole('card')}
          >
            {say.byCard}
          </Button>
          <Button id="take-otherwise" small disabled={busy} onClick={() => setParts(true)}>
            {say.otherwise}
          </Button>
        </p>
      )}
    </div>
  );
}

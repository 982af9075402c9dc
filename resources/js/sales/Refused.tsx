import { api, type Schemas } from '../lib/api';
import { money } from '../lib/format';
import { Alert } from '../ui/Alert';
import { Button } from '../ui/Button';
import { Notice } from '../ui/Notice';
import { useSaleAct } from './useSaleAct';
import * as say from '@words/sales';

type Props = { business: string; sale: Schemas['Sale'] };

const WAYS = [
  ['again', say.tryAgain],
  ['cash', say.givenInCash],
  ['transfer', say.givenByTransfer],
] as const;

/** What the processor refused, and what can be done about it. */
export function Refused({ business, sale }: Props) {
  const { act, busy, trouble } = useSaleAct(business, sale.id);
  const path = { business, id: sale.id };
  return (
    <>
      {sale.refunds
        .filter((refund) => refund.failed)
        .map((refund) => (
          <Notice key={refund.id} as="div" tone="trouble" className="grid gap-2">
            <p>{say.refundRefused({ amount: money(refund.amount, sale.currency) })}</p>
            <p className="flex flex-wrap gap-2">
              {WAYS.map(([by, words]) => (
                <Button
                  key={by}
                  small
                  disabled={busy}
                  onClick={() =>
                    void act(
                      api.POST('/api/businesses/{business}/sales/{id}/refunds/{refund}', {
                        params: { path: { ...path, refund: refund.id } },
                        body: { by },
                      }),
                    )
                  }
                >
                  {words}
                </Button>
              ))}
            </p>
          </Notice>
        ))}
      {sale.mayCharge && (
        <Notice as="div" tone="trouble" className="grid gap-2">
          <p>{say.cardRefused}</p>
          <p>
            <Button
              id="charge-again"
              small
              disabled={busy}
              onClick={() =>
                void act(
                  api.POST('/api/businesses/{business}/sales/{id}/charge', {
                    params: { path },
                    body: { seen: sale.owed },
                  }),
                )
              }
            >
              {say.chargeAgain}
            </Button>
          </p>
        </Notice>
      )}
      <Alert says={trouble} />
    </>
  );
}

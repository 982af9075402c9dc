import { useQuery } from '@tanstack/react-query';
import { api, type Schemas } from '../lib/api';
import { money, moment } from '../lib/format';
import { sale as saleQuery } from '../lib/queries';
import { wordOf } from '../language/wordOf';
import { Alert } from '../ui/Alert';
import { Wrong } from '../ui/Wrong';
import { OpenPrice } from './OpenPrice';
import { Papers } from './Papers';
import { Refused } from './Refused';
import { SaleActs } from './SaleActs';
import { Slip } from './Slip';
import { Take } from './Take';
import { useSaleAct } from './useSaleAct';
import * as say from '@words/sales';

type Props = {
  business: string;
  id: string;
  zone: string;
  mayChange: boolean;
  /** Whether only what is missing and the ways to take it are seen at first. */
  folded?: boolean;
};

/** A sale where it is dealt with: its slip, taking money, giving it back, its papers and its history. */
export function SalePanel({ business, id, zone, mayChange, folded = false }: Props) {
  const { data: sale, error } = useQuery({ ...saleQuery(business, id), refetchInterval: 5_000 });
  const { act, trouble } = useSaleAct(business, id);
  if (error !== null && sale === undefined) {
    return <Wrong as="p">{error.message}</Wrong>;
  }
  if (sale === undefined) {
    return <p role="status">{say.fetching}</p>;
  }
  const undo = (payment: string) =>
    void act(
      api.POST('/api/businesses/{business}/sales/{id}/payments/{payment}/undo', {
        params: { path: { business, id, payment } },
      }),
    );
  const open =
    mayChange && sale.open.map((one) => <OpenPrice key={one.booking} business={business} sale={sale} open={one} />);
  const take = mayChange && (
    <>
      <Refused business={business} sale={sale} />
      <Take business={business} sale={sale} />
    </>
  );
  const slip = <Slip sale={sale} zone={zone} onUndo={mayChange ? undo : null} />;
  const rest = (
    <>
      {mayChange && <SaleActs business={business} sale={sale} />}
      <Papers business={business} sale={sale} mayChange={mayChange} />
      <History sale={sale} zone={zone} />
    </>
  );
  if (folded) {
    return (
      <section className="grid gap-3">
        {open}
        <Alert says={trouble} />
        {take}
        <details id="whole-sale">
          <summary className="font-semibold">{say.wholeSale({ total: money(sale.total, sale.currency) })}</summary>
          <div className="mt-2 grid gap-3">
            {slip}
            {rest}
          </div>
        </details>
      </section>
    );
  }
  return (
    <section className="@container">
      <div className="grid items-start gap-x-10 gap-y-3 @3xl:grid-cols-[3fr_2fr]">
        <div className="grid gap-3">
          {open}
          {slip}
        </div>
        <div className="grid gap-3">
          <Alert says={trouble} />
          {take}
          {rest}
        </div>
      </div>
    </section>
  );
}

function History({ sale, zone }: { sale: Schemas['Sale']; zone: string }) {
  return (
    <details>
      <summary className="font-semibold">{say.history}</summary>
      <ol className="mt-1 grid gap-1 text-sm">
        {sale.history.map((one, i) => (
          <li key={i}>
            {(one.why === '' ? say.movement : say.movementWhy)({
              at: moment(one.at, zone),
              what: wordOf(say.abouts, one.about),
              amount: money(one.amount, sale.currency),
              by: one.by,
              why: one.why,
            })}
          </li>
        ))}
      </ol>
    </details>
  );
}

import { api, type Schemas } from '../lib/api';
import { useSetup } from '../setup/useSetup';
import { Button } from '../ui/Button';
import { useOpened } from '../ui/useOpened';
import { AmountForm } from './AmountForm';
import { CodeForm } from './CodeForm';
import { InvoiceForm } from './InvoiceForm';
import { LineForm } from './LineForm';
import { useSaleAct } from './useSaleAct';
import * as say from '@words/sales';

type Act = keyof typeof say.acts;
type Props = { business: string; sale: Schemas['Sale'] };

/** What else may be done: a row of words, and the one that was pressed opened beneath. */
export function SaleActs({ business, sale }: Props) {
  const { open, show, close } = useOpened<Act>();
  const { data } = useSetup();
  const booking = sale.bookings.length === 1 ? sale.bookings[0] : undefined;
  const mayName = booking !== undefined && sale.due > 0 && (data?.offerCodes.length ?? 0) > 0;
  const may: readonly Act[] = [
    'line',
    ...(mayName ? (['code'] as const) : []),
    ...(sale.due > 0 ? (['less'] as const) : []),
    ...(sale.refundable > 0 ? (['back'] as const) : []),
    ...(sale.tipsReturnable > 0 ? (['tip'] as const) : []),
    ...(sale.total > 0 && !sale.documents.some((document) => document.stands) ? (['invoice'] as const) : []),
  ];
  return (
    <div className="grid gap-3">
      <p className="flex flex-wrap gap-2" role="group" aria-label={say.more}>
        {may.map((act) => (
          <Button
            key={act}
            id={`sale-${act}`}
            small
            aria-expanded={open === act}
            onClick={() => show(open === act ? null : act)}
          >
            {say.acts[act]}
          </Button>
        ))}
      </p>
      {open === 'line' && <LineForm business={business} sale={sale} onDone={() => close('line')} />}
      {open === 'code' && booking !== undefined && (
        <CodeForm business={business} sale={sale} booking={booking.id} onDone={() => close('code')} />
      )}
      {open === 'less' && <LetOff business={business} sale={sale} onDone={() => close('less')} />}
      {open === 'back' && <GiveBack business={business} sale={sale} onDone={() => close('back')} />}
      {open === 'tip' && <GiveTipBack business={business} sale={sale} onDone={() => close('tip')} />}
      {open === 'invoice' && <InvoiceForm business={business} sale={sale} onDone={() => close('invoice')} />}
    </div>
  );
}

function LetOff({ business, sale, onDone }: Props & { onDone: () => void }) {
  const saying = useSaleAct(business, sale.id);
  return (
    <AmountForm
      id="less"
      currency={sale.currency}
      first={sale.due}
      does={say.letOff}
      saying={saying}
      onDone={onDone}
      onSubmit={({ amount, why }) =>
        saying.act(
          api.POST('/api/businesses/{business}/sales/{id}/let-off', {
            params: { path: { business, id: sale.id } },
            body: { amount, why, seen: sale.owed },
          }),
        )
      }
    />
  );
}

function GiveBack({ business, sale, onDone }: Props & { onDone: () => void }) {
  const saying = useSaleAct(business, sale.id);
  return (
    <AmountForm
      id="back"
      currency={sale.currency}
      first={sale.owed < 0 ? -sale.owed : sale.refundable}
      does={say.giveBack}
      hint={say.goesBack}
      box={say.staysOwed}
      saying={saying}
      onDone={onDone}
      email={sale.email}
      onSubmit={({ amount, why, ticked, told }) =>
        saying.act(
          api.POST('/api/businesses/{business}/sales/{id}/refunds', {
            params: { path: { business, id: sale.id } },
            body: { amount, why, staysOwed: ticked, told, seen: sale.owed },
          }),
        )
      }
    />
  );
}

function GiveTipBack({ business, sale, onDone }: Props & { onDone: () => void }) {
  const saying = useSaleAct(business, sale.id);
  return (
    <AmountForm
      id="tip"
      currency={sale.currency}
      first={sale.tipsReturnable}
      does={say.giveBack}
      hint={say.tipGoesBack}
      saying={saying}
      onDone={onDone}
      onSubmit={({ amount, why }) =>
        saying.act(
          api.POST('/api/businesses/{business}/sales/{id}/tips-back', {
            params: { path: { business, id: sale.id } },
            body: { amount, why, seen: sale.owed },
          }),
        )
      }
    />
  );
}

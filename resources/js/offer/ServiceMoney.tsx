import { useSetup } from '../setup/useSetup';
import { Fold } from '../ui/Fold';
import { MoneyField } from '../ui/MoneyField';
import { Select } from '../ui/Select';
import type { PartProps } from './ServicePage';
import { priceWords } from './words';

const KINDS = [
  ['fixed', 'a price'],
  ['free', 'free'],
  ['from', 'from a price on, settled at the desk'],
  ['on_request', 'on request'],
] as const;

const PAYMENTS = [
  ['none', 'when they come'],
  ['full', 'in full, when booking'],
] as const;

/** What it costs, and when that is paid. */
export function ServiceMoney({ content, set, wrong }: PartProps) {
  const { data } = useSetup();
  const currency = data?.currency ?? 'EUR';
  const priced = content.priceKind === 'fixed' || content.priceKind === 'from';
  return (
    <Fold
      id="fold-money"
      title="What it costs"
      says={`${priceWords(content, currency)}${content.priceKind === 'fixed' && content.price > 0 ? `, paid ${PAYMENTS.find(([one]) => one === content.payment)?.[1] ?? ''}` : ''}`}
      open
      wrong={wrong['price'] !== undefined || wrong['priceKind'] !== undefined}
    >
      <div className="three">
        <Select
          id="service-priceKind"
          label="Price"
          value={content.priceKind}
          options={KINDS}
          onValue={(priceKind) => set({ priceKind })}
          wrong={wrong['priceKind']}
        />
        {priced && (
          <MoneyField
            id="service-price"
            label={`Amount in ${currency}`}
            currency={currency}
            wrong={wrong['price']}
            value={content.price}
            onValue={(price) => set({ price })}
          />
        )}
        {content.priceKind === 'fixed' && (
          <Select
            id="service-payment"
            label="Paid"
            value={content.payment}
            options={PAYMENTS}
            onValue={(payment) => set({ payment })}
          />
        )}
      </div>
    </Fold>
  );
}

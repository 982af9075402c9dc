import { money } from '../lib/format';
import { useSetup } from '../setup/useSetup';
import { Fold } from '../ui/Fold';
import { MoneyField } from '../ui/MoneyField';
import { Select } from '../ui/Select';
import { AmountOrPart } from './AmountOrPart';
import { PriceByLength } from './PriceByLength';
import { PriceByPerson } from './PriceByPerson';
import { PriceForMore } from './PriceForMore';
import type { PartProps } from './service';
import { beforeWords, partWords, PAYMENTS, termsWords } from '../words/prices';

const KINDS = [
  ['fixed', 'a price'],
  ['free', 'free'],
  ['from', 'from a price on, settled at the desk'],
  ['on_request', 'on request'],
] as const;

/** What it costs, and when that is paid. */
export function ServiceMoney(props: PartProps) {
  const { content, set, wrong } = props;
  const { data } = useSetup();
  const currency = data?.currency ?? 'EUR';
  const { pricing, payment } = content;
  const later = pricing.kind === 'from' || pricing.kind === 'on_request';
  const one = content.kind === 'session' || (content.choices.length < 2 && content.range === null);
  const paid = PAYMENTS.find(([kind]) => kind === payment.kind)?.[1] ?? '';
  return (
    <>
      <Fold
        id="fold-money"
        title="What it costs"
        says={[says(props, currency), later || pricing.kind === 'free' ? '' : `paid ${paid}`]
          .filter(Boolean)
          .join(', ')}
        open
        wrong={Object.keys(wrong).some((field) => field.startsWith('pricing') || field.startsWith('payment'))}
      >
        <div className="two">
          <Select
            id="service-priceKind"
            label="Price"
            value={pricing.kind}
            options={KINDS}
            onValue={(kind) => set({ pricing: { ...pricing, kind } })}
            wrong={wrong['pricing.kind']}
          />
          {(pricing.kind === 'from' || (pricing.kind === 'fixed' && one)) && (
            <MoneyField
              id="service-price"
              label={`Amount in ${currency}`}
              currency={currency}
              wrong={wrong['pricing.amount']}
              value={pricing.amount}
              onValue={(amount) => set({ pricing: { ...pricing, amount } })}
            />
          )}
        </div>
        {pricing.kind === 'fixed' && !one && <PriceByLength {...props} currency={currency} />}
        {!later && <PriceForMore {...props} currency={currency} />}
        <PriceByPerson {...props} currency={currency} />
        <Select
          id="service-payment"
          label="Paid"
          value={payment.kind}
          options={later ? PAYMENTS.filter(([kind]) => kind === 'none' || kind === 'card_hold') : PAYMENTS}
          onValue={(kind) => set({ payment: { kind, amount: null, percent: kind === 'deposit' ? '20' : null } })}
          wrong={wrong['payment.kind']}
        />
        {payment.kind === 'deposit' && (
          <AmountOrPart
            id="deposit"
            label="Deposit"
            currency={currency}
            value={payment}
            wrong={wrong['payment.amount'] ?? wrong['payment.percent']}
            onValue={(part) => set({ payment: { kind: 'deposit', ...part } })}
          />
        )}
      </Fold>
      <Cancelling {...props} currency={currency} />
    </>
  );
}

const NOTICES = [0, 60, 120, 240, 720, 1440, 2880, 4320, 10080];

/** Until when cancelling is free, and what it costs after. */
function Cancelling({ content, set, wrong, currency }: PartProps & { currency: string }) {
  const terms = content.cancellation;
  const choices = [...new Set([...NOTICES, ...(terms === null ? [] : [terms.freeMinutes])])].sort((a, b) => a - b);
  return (
    <Fold
      id="fold-cancelling"
      title="Cancelling"
      says={
        terms === null ? 'always free' : `free ${beforeWords(terms.freeMinutes)}, then ${partWords(terms, currency)}`
      }
      wrong={Object.keys(wrong).some((field) => field.startsWith('cancellation'))}
    >
      <Select
        id="service-cancelling"
        label="Free"
        value={terms === null ? 'always' : String(terms.freeMinutes)}
        options={[['always', 'always'], ...choices.map((minutes) => [String(minutes), beforeWords(minutes)] as const)]}
        onValue={(chosen) =>
          set({
            cancellation:
              chosen === 'always'
                ? null
                : { ...(terms ?? { amount: null, percent: '50' }), freeMinutes: Number(chosen) },
          })
        }
        wrong={wrong['cancellation.freeMinutes']}
      />
      {terms !== null && (
        <>
          <AmountOrPart
            id="cancellation"
            label="After that it costs"
            currency={currency}
            value={terms}
            wrong={wrong['cancellation.amount'] ?? wrong['cancellation.percent']}
            onValue={(part) => set({ cancellation: { freeMinutes: terms.freeMinutes, ...part } })}
          />
          <p className="hint">
            Clients read: “{termsWords(terms, currency)}” It is kept from what they paid, or charged to a kept card; who
            has done neither pays nothing.
          </p>
        </>
      )}
    </Fold>
  );
}

/** "€48.00, €72.00 for 90 minutes": what is set, in a line. */
function says({ content }: PartProps, currency: string): string {
  const { pricing } = content;
  const others = pricing.byStaff.length > 0 ? ', other with some' : '';
  switch (pricing.kind) {
    case 'free':
      return `free${others}`;
    case 'on_request':
      return `price on request${others}`;
    case 'from':
      return `from ${money(Math.max(0, pricing.amount), currency)}${others}`;
    case 'fixed':
      return (
        (content.kind === 'appointment' && content.range !== null
          ? `${money(Math.max(0, pricing.perStep ?? 0), currency)} a step`
          : content.kind === 'appointment' && content.choices.length > 1
            ? pricing.byMinutes.map((one) => money(Math.max(0, one.amount), currency)).join(' / ')
            : money(Math.max(0, pricing.amount), currency)) + others
      );
  }
}

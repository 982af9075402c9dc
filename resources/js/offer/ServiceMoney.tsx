import { hintLook } from '../ui/Labelled';
import { Columns } from '../ui/Columns';
import { money } from '../lib/format';
import { useSetup } from '../setup/useSetup';
import { Fold } from '../ui/Fold';
import { MoneyField } from '../ui/MoneyField';
import { Pick } from '../ui/Pick';
import { Select } from '../ui/Select';
import { AmountOrPart } from '../setup/AmountOrPart';
import { PriceByLength } from './PriceByLength';
import { PriceByPerson } from './PriceByPerson';
import { PriceForMore } from './PriceForMore';
import { PriceOften } from './PriceOften';
import { StaffPay } from './StaffPay';
import { TaxOnIt } from './TaxOnIt';
import type { PartProps } from './service';
import { beforeWords, partWords, termsWords } from '../words/prices';
import * as say from '@words/offer';

const PAYMENTS = [
  ['none', say.payments.none],
  ['optional', say.payments.optional],
  ['deposit', say.payments.deposit],
  ['full', say.payments.full],
  ['card_hold', say.payments.card_hold],
] as const;

const KINDS = [
  ['fixed', say.price],
  ['free', say.free],
  ['from', say.fromPriceOnSettled],
  ['on_request', say.onRequest],
] as const;

/** What it costs, and when that is paid. */
export function ServiceMoney(props: PartProps) {
  const { content, set, wrong } = props;
  const { data, may } = useSetup();
  const currency = data?.currency ?? 'EUR';
  const { pricing, payment } = content;
  const later = pricing.kind === 'from' || pricing.kind === 'on_request';
  const one = content.kind === 'session' || (content.choices.length < 2 && content.range === null);
  const paid = PAYMENTS.find(([kind]) => kind === payment.kind)?.[1] ?? '';
  return (
    <>
      <Fold
        id="fold-money"
        title={say.whatCosts}
        says={[says(props, currency), later || pricing.kind === 'free' ? '' : say.paidHow({ paid })]
          .filter(Boolean)
          .join(', ')}
        open
        wrong={Object.keys(wrong).some((field) => field.startsWith('pricing') || field.startsWith('payment'))}
      >
        <Columns>
          <Select
            id="service-priceKind"
            label={say.priceTitle}
            value={pricing.kind}
            options={KINDS}
            onValue={(kind) => set({ pricing: { ...pricing, kind } })}
            wrong={wrong['pricing.kind']}
          />
          {(pricing.kind === 'from' || (pricing.kind === 'fixed' && one)) && (
            <MoneyField
              id="service-price"
              label={say.amountIn({ currency })}
              currency={currency}
              asked={pricing.kind === 'fixed'}
              wrong={wrong['pricing.amount']}
              value={pricing.amount}
              onValue={(amount) => set({ pricing: { ...pricing, amount } })}
            />
          )}
        </Columns>
        {pricing.kind === 'fixed' && !one && <PriceByLength {...props} currency={currency} />}
        {!later && <PriceForMore {...props} currency={currency} />}
        <PriceByPerson {...props} currency={currency} />
        <TaxOnIt
          chosen={pricing.taxRates}
          onChosen={(taxRates) => set({ pricing: { ...pricing, taxRates } })}
          wrong={wrong['pricing.taxRates']}
        />
        {(data?.surcharges.length ?? 0) > 0 && (
          <Pick
            legend={say.leftOut}
            from={data?.surcharges ?? []}
            chosen={pricing.excludeSurcharges}
            onChosen={(excludeSurcharges) => set({ pricing: { ...pricing, excludeSurcharges } })}
            wrong={wrong['pricing.excludeSurcharges']}
          />
        )}
        <Select
          id="service-payment"
          label={say.paid}
          value={payment.kind}
          options={later ? PAYMENTS.filter(([kind]) => kind === 'none' || kind === 'card_hold') : PAYMENTS}
          onValue={(kind) => set({ payment: { kind, amount: null, percent: kind === 'deposit' ? '20' : null } })}
          wrong={wrong['payment.kind']}
        />
        {payment.kind === 'deposit' && (
          <AmountOrPart
            id="deposit"
            label={say.deposit}
            currency={currency}
            value={payment}
            wrong={wrong['payment.amount'] ?? wrong['payment.percent']}
            onValue={(part) => set({ payment: { kind: 'deposit', ...part } })}
          />
        )}
      </Fold>
      {!later && <PriceOften {...props} currency={currency} />}
      <Cancelling {...props} currency={currency} />
      {may('see-pay') && <StaffPay {...props} currency={currency} />}
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
      title={say.cancelling}
      says={
        terms === null
          ? say.alwaysFree
          : say.freeThen({ freeMinutes: beforeWords(terms.freeMinutes), terms: partWords(terms, currency) })
      }
      wrong={Object.keys(wrong).some((field) => field.startsWith('cancellation'))}
    >
      <Select
        id="service-cancelling"
        label={say.freeUntil}
        value={terms === null ? 'always' : String(terms.freeMinutes)}
        options={[
          ['always', say.always],
          ...choices.map((minutes) => [String(minutes), beforeWords(minutes)] as const),
        ]}
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
            label={say.afterThatCosts}
            currency={currency}
            value={terms}
            wrong={wrong['cancellation.amount'] ?? wrong['cancellation.percent']}
            onValue={(part) => set({ cancellation: { freeMinutes: terms.freeMinutes, ...part } })}
          />
          <p className={hintLook}>{say.clientsReadKeptFrom({ terms: termsWords(terms, currency) })}</p>
        </>
      )}
    </Fold>
  );
}

/** "€48.00, other with some": what is set, in a line. */
function says(props: PartProps, currency: string): string {
  const price = priceSays(props, currency);
  return props.content.pricing.byStaff.length > 0 ? say.priceOthers({ price }) : price;
}

function priceSays({ content }: PartProps, currency: string): string {
  const { pricing } = content;
  const amount = (minor: number | null | undefined): string => money(Math.max(0, minor ?? 0), currency);
  switch (pricing.kind) {
    case 'free':
      return say.free;
    case 'on_request':
      return say.priceOnRequest;
    case 'from':
      return say.fromAmount({ amount: amount(pricing.amount) });
    case 'fixed':
      if (content.kind !== 'appointment') {
        return amount(pricing.amount);
      }
      return content.range !== null
        ? say.step({ amount: amount(pricing.perStep) })
        : content.choices.length > 1
          ? pricing.byMinutes.map((one) => amount(one.amount)).join(' / ')
          : amount(pricing.amount);
  }
}

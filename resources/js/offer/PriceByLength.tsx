import { Columns } from '../ui/Columns';
import { duration } from '../lib/format';
import { MoneyField } from '../ui/MoneyField';
import type { PartProps } from './service';
import * as say from '@words/offer';

/** An amount for each length, or for each step of a length of the client's own. */
export function PriceByLength({ content, set, wrong, currency }: PartProps & { currency: string }) {
  const { pricing } = content;
  if (content.range !== null) {
    return (
      <MoneyField
        id="service-perStep"
        label={say.amountInForEach({ currency, step: content.range.step })}
        hint={say.stepThatBegunCounts}
        currency={currency}
        wrong={wrong['pricing.perStep']}
        value={pricing.perStep ?? 0}
        onValue={(perStep) => set({ pricing: { ...pricing, perStep } })}
      />
    );
  }
  return (
    <fieldset className="grid gap-2">
      <legend className="font-semibold">{say.forEachLength}</legend>
      <Columns of={3}>
        {content.choices.map((minutes, i) => (
          <MoneyField
            key={minutes}
            id={`service-price-${minutes}`}
            label={`${duration(minutes)}, ${currency}`}
            currency={currency}
            wrong={wrong[`pricing.byMinutes.${i}.amount`] ?? (i === 0 ? wrong['pricing.byMinutes'] : undefined)}
            value={pricing.byMinutes.find((one) => one.minutes === minutes)?.amount ?? 0}
            onValue={(amount) =>
              set({
                pricing: {
                  ...pricing,
                  byMinutes: pricing.byMinutes.map((one) => (one.minutes === minutes ? { minutes, amount } : one)),
                },
              })
            }
          />
        ))}
      </Columns>
    </fieldset>
  );
}

/** The prices that go with other lengths: those that had one keep it, a new one begins with what is usual. */
export function pricesFor(
  content: PartProps['content'],
  choices: readonly number[],
  range: PartProps['content']['range'],
): PartProps['content']['pricing'] {
  const { pricing } = content;
  const usual = pricing.byMinutes[0]?.amount ?? pricing.perStep ?? pricing.amount;
  const amountOf = (minutes: number) => pricing.byMinutes.find((one) => one.minutes === minutes)?.amount ?? usual;
  return {
    ...pricing,
    amount: range === null && choices.length < 2 ? usual : pricing.amount,
    byMinutes:
      choices.length < 2 ? [] : [...new Set(choices)].map((minutes) => ({ minutes, amount: amountOf(minutes) })),
    perStep: range === null ? null : (pricing.perStep ?? usual),
  };
}

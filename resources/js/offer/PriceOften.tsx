import { Button } from '../ui/Button';
import { Columns } from '../ui/Columns';
import { Fold } from '../ui/Fold';
import { MoneyField } from '../ui/MoneyField';
import { NumberField } from '../ui/NumberField';
import { Select } from '../ui/Select';
import type { PartProps } from './service';
import * as say from '@words/offer';

const PERIODS = [
  ['none', say.periods.none],
  ['day', say.periods.day],
  ['week', say.periods.week],
  ['month', say.periods.month],
] as const;

const FIELD = 'pricing.frequency.levels';

/** Whoever comes often pays less: from which visit on in a day, a week or a month, and how much. */
export function PriceOften({ content, set, wrong, currency }: PartProps & { currency: string }) {
  const { pricing } = content;
  const { frequency } = pricing;
  const put = (next: typeof frequency) => set({ pricing: { ...pricing, frequency: next } });
  const levels = frequency?.levels ?? [];
  const next = {
    from: (levels.at(-1)?.from ?? 1) + 1,
    amount: levels.at(-1)?.amount ?? pricing.amount,
    staffAmount: null,
  };
  return (
    <Fold
      id="fold-often"
      title={say.often}
      says={
        frequency === null ? say.oftenNone : say.oftenSays({ from: levels[0]?.from ?? 2, period: frequency.period })
      }
      wrong={Object.keys(wrong).some((field) => field.startsWith('pricing.frequency'))}
    >
      <Select
        id="service-often"
        label={say.period}
        value={frequency?.period ?? 'none'}
        options={PERIODS}
        onValue={(period) => put(period === 'none' ? null : { period, levels: levels.length === 0 ? [next] : levels })}
        wrong={wrong['pricing.frequency.period']}
      />
      {frequency !== null &&
        levels.map((level, i) => (
          <Columns key={i}>
            <NumberField
              id={`service-often-from-${i}`}
              label={say.fromVisit}
              wrong={wrong[`${FIELD}.${i}.from`]}
              value={level.from}
              empty={0}
              onValue={(from) =>
                put({ ...frequency, levels: levels.map((one, at) => (at === i ? { ...one, from } : one)) })
              }
            />
            <MoneyField
              id={`service-often-amount-${i}`}
              label={say.costsThen({ currency })}
              hint={say.costsThenHelp}
              currency={currency}
              wrong={wrong[`${FIELD}.${i}.amount`]}
              value={level.amount}
              onValue={(amount) =>
                put({ ...frequency, levels: levels.map((one, at) => (at === i ? { ...one, amount } : one)) })
              }
            />
          </Columns>
        ))}
      {frequency !== null && (
        <p className="flex flex-wrap gap-2">
          {levels.length < 6 && (
            <Button small onClick={() => put({ ...frequency, levels: [...levels, next] })}>
              {say.oneLevelMore}
            </Button>
          )}
          {levels.length > 1 && (
            <Button small onClick={() => put({ ...frequency, levels: levels.slice(0, -1) })}>
              {say.oneLevelLess}
            </Button>
          )}
        </p>
      )}
    </Fold>
  );
}

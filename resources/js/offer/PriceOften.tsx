import { Button } from '../ui/Button';
import { Fold } from '../ui/Fold';
import { FrequencyRule } from './FrequencyRule';
import type { PartProps } from './service';
import * as say from '@words/offer';

const PERIODS = ['day', 'week', 'month'] as const;

/** Whoever comes often in a day, a week or a month pays less: the lowest of what they reach counts. */
export function PriceOften({ content, set, wrong, currency }: PartProps & { currency: string }) {
  const { pricing } = content;
  const rules = pricing.frequency;
  const put = (frequency: typeof rules) => set({ pricing: { ...pricing, frequency } });
  const free = PERIODS.filter((period) => !rules.some((rule) => rule.period === period));
  const [next] = free;
  return (
    <Fold
      id="fold-often"
      title={say.often}
      says={
        rules.length === 0
          ? say.oftenNone
          : rules.map((rule) => say.oftenSays({ from: rule.levels[0]?.from ?? 2, period: rule.period })).join(', ')
      }
      wrong={Object.keys(wrong).some((field) => field.startsWith('pricing.frequency'))}
    >
      {rules.map((rule, i) => (
        <FrequencyRule
          key={rule.period}
          rule={rule}
          at={i}
          periods={PERIODS.filter((period) => period === rule.period || free.includes(period))}
          price={pricing.amount}
          currency={currency}
          wrong={wrong}
          onRule={(changed) =>
            put(
              changed === null ? rules.filter((_, at) => at !== i) : rules.map((one, at) => (at === i ? changed : one)),
            )
          }
        />
      ))}
      {next !== undefined && (
        <p>
          <Button
            small
            onClick={() =>
              put([
                ...rules,
                { period: next, levels: [{ from: 2, amount: pricing.amount, staffAmount: null }], earlier: false },
              ])
            }
          >
            {rules.length === 0 ? say.oftenAdd : say.oftenAddMore}
          </Button>
        </p>
      )}
    </Fold>
  );
}

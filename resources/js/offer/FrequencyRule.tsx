import { useSetup } from '../setup/useSetup';
import { Button } from '../ui/Button';
import { Check } from '../ui/Check';
import { Columns } from '../ui/Columns';
import { MoneyField } from '../ui/MoneyField';
import { NumberField } from '../ui/NumberField';
import { Select } from '../ui/Select';
import type { PartProps, ServiceContent } from './service';
import * as say from '@words/offer';

type Rule = ServiceContent['pricing']['frequency'][number];

type Props = {
  rule: Rule;
  at: number;
  periods: readonly Rule['period'][];
  price: number;
  currency: string;
  wrong: PartProps['wrong'];
  /** null: it goes. */
  onRule: (changed: Rule | null) => void;
};

/** From which visit on in a period it costs how much, and what staff get for it then. */
export function FrequencyRule({ rule, at, periods, price, currency, wrong, onRule }: Props) {
  const { may } = useSetup();
  const field = `pricing.frequency.${at}`;
  const { levels } = rule;
  const next = {
    from: (levels.at(-1)?.from ?? 1) + 1,
    amount: levels.at(-1)?.amount ?? price,
    staffAmount: null,
  };
  const put = (i: number, changes: Partial<Rule['levels'][number]>) =>
    onRule({ ...rule, levels: levels.map((one, j) => (j === i ? { ...one, ...changes } : one)) });
  return (
    <fieldset className="grid gap-3 border-s-2 border-(--line) ps-3">
      <legend className="sr-only">{say.oftenIn({ period: rule.period })}</legend>
      <Select
        id={`service-often-${at}`}
        label={say.period}
        value={rule.period}
        options={periods.map((period) => [period, say.periods[period]] as const)}
        onValue={(period) => onRule({ ...rule, period })}
        wrong={wrong[`${field}.period`] ?? wrong[`${field}.levels`]}
      />
      {levels.map((level, i) => (
        <Columns key={i} of={3}>
          <NumberField
            id={`service-often-${at}-from-${i}`}
            label={say.fromVisit}
            wrong={wrong[`${field}.levels.${i}.from`]}
            value={level.from}
            empty={0}
            onValue={(from) => put(i, { from })}
          />
          <MoneyField
            id={`service-often-${at}-amount-${i}`}
            label={say.costsThen({ currency })}
            hint={say.costsThenHelp}
            currency={currency}
            wrong={wrong[`${field}.levels.${i}.amount`]}
            value={level.amount}
            onValue={(amount) => put(i, { amount })}
          />
          {may('see-pay') && (
            <MoneyField
              id={`service-often-${at}-staff-${i}`}
              label={say.staffGetThen({ currency })}
              hint={say.staffGetThenHelp}
              currency={currency}
              wrong={wrong[`${field}.levels.${i}.staffAmount`]}
              value={level.staffAmount ?? 0}
              onValue={(amount) => put(i, { staffAmount: amount === 0 ? null : amount })}
            />
          )}
        </Columns>
      ))}
      <Check
        id={`service-often-${at}-earlier`}
        checked={rule.earlier}
        onChange={(earlier) => onRule({ ...rule, earlier })}
      >
        {say.oftenEarlier}
      </Check>
      <p className="flex flex-wrap gap-2">
        {levels.length < 6 && (
          <Button small onClick={() => onRule({ ...rule, levels: [...levels, next] })}>
            {say.oneLevelMore}
          </Button>
        )}
        <Button small onClick={() => onRule(levels.length > 1 ? { ...rule, levels: levels.slice(0, -1) } : null)}>
          {levels.length > 1 ? say.oneLevelLess : say.oftenRemove}
        </Button>
      </p>
    </fieldset>
  );
}

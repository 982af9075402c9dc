import { Columns } from '../ui/Columns';
import { Field } from '../ui/Field';
import { MoneyField } from '../ui/MoneyField';
import { Select } from '../ui/Select';
import * as say from '@words/setup';

type Part = { amount: number | null; percent: string | null };
type Props = {
  id: string;
  label: string;
  /** What a part is called; usually one of the price. */
  part?: string;
  currency: string;
  value: Part;
  wrong: string | undefined;
  onValue: (part: Part) => void;
};

/** An amount, or a part of the price. */
export function AmountOrPart({ id, label, part = say.partPrice, currency, value, wrong, onValue }: Props) {
  return (
    <Columns>
      <Select
        id={`${id}-as`}
        label={label}
        value={value.percent === null ? 'amount' : 'percent'}
        options={[
          ['percent', part],
          ['amount', say.amount],
        ]}
        onValue={(as) => onValue(as === 'percent' ? { amount: null, percent: '50' } : { amount: 0, percent: null })}
      />
      {value.percent === null ? (
        <MoneyField
          id={`${id}-amount`}
          label={say.amountIn({ currency })}
          currency={currency}
          value={value.amount ?? 0}
          wrong={wrong}
          onValue={(amount) => onValue({ amount, percent: null })}
        />
      ) : (
        <Field
          id={`${id}-percent`}
          label={say.percent}
          inputMode="decimal"
          maxLength={8}
          value={value.percent}
          wrong={wrong}
          onValue={(percent) => onValue({ amount: null, percent: percent.trim().replace(',', '.') })}
        />
      )}
    </Columns>
  );
}

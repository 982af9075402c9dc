import { Button } from '../ui/Button';
import { Columns } from '../ui/Columns';
import { MoneyField } from '../ui/MoneyField';
import * as say from '@words/offer';

type Props = {
  id: string;
  amounts: number[];
  currency: string;
  label: (person: number, isLast: boolean) => string;
  wrong: (i: number) => string | undefined;
  onAmounts: (amounts: number[]) => void;
};

/** An amount for the second person, for the third, …: the last is that of everybody after. */
export function AmountsByPerson({ id, amounts, currency, label, wrong, onAmounts }: Props) {
  return (
    <Columns of={3}>
      {amounts.map((amount, i) => (
        <MoneyField
          key={i}
          id={`${id}-${i + 2}`}
          label={label(i + 2, i === amounts.length - 1)}
          currency={currency}
          wrong={wrong(i)}
          value={amount}
          onValue={(next) => onAmounts(amounts.map((one, at) => (at === i ? next : one)))}
        />
      ))}
      <div className="flex flex-wrap items-end gap-2">
        {amounts.length < 12 && (
          <Button small onClick={() => onAmounts([...amounts, amounts.at(-1) ?? 0])}>
            {say.oneMore}
          </Button>
        )}
        {amounts.length > 1 && (
          <Button small onClick={() => onAmounts(amounts.slice(0, -1))}>
            {say.oneLess}
          </Button>
        )}
      </div>
    </Columns>
  );
}

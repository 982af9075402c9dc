import { ClockField } from '../ui/ClockField';
import { Columns } from '../ui/Columns';
import { DateField } from '../ui/DateField';
import * as say from '@words/sessions';

type When = { date: string; at: string };
type Props = {
  /** What the ids of its fields begin with. */
  id: string;
  label: string;
  value: When;
  wrong: string | undefined;
  onValue: (changes: Partial<When>) => void;
};

/** On which date, at which hour. */
export function WhenFields({ id, label, value, wrong, onValue }: Props) {
  return (
    <Columns>
      <DateField
        id={`${id}-date`}
        label={label}
        wrong={wrong}
        value={value.date}
        onValue={(date) => onValue({ date })}
      />
      <ClockField id={`${id}-at`} label={say.at} wrong={undefined} value={value.at} onValue={(at) => onValue({ at })} />
    </Columns>
  );
}

import { ClockField } from './ClockField';
import { DateField } from './DateField';
import * as say from '@words/ui';
import './MomentField.css';

type Props = {
  id: string;
  label: string;
  wrong: string | undefined;
  /** "2027-03-01T09:30" */
  value: string;
  onValue: (moment: string) => void;
};

/** A date and a time of day, side by side. */
export function MomentField({ id, label, wrong, value, onValue }: Props) {
  const [date = '', time = ''] = value.split('T');
  return (
    <div className="moment" role="group" aria-label={label}>
      <DateField
        id={id}
        label={label}
        wrong={wrong}
        value={date}
        onValue={(next) => onValue(next === '' ? '' : `${next}T${time === '' ? '00:00' : time}`)}
      />
      <ClockField
        id={`${id}-time`}
        label={say.at}
        wrong={undefined}
        value={time}
        onValue={(next) => onValue(`${date}T${next}`)}
      />
    </div>
  );
}

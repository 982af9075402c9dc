import { Check } from '../ui/Check';
import { Field } from '../ui/Field';
import * as say from '@words/board';

type Props = {
  /** What the terms cost, minor unit: nothing is asked where they cost nothing. */
  cost: number;
  /** Why the fee is not asked for; null: it is. */
  waived: string | null;
  onWaived: (why: string | null) => void;
};

/** Whether a fee is waived, and why: that is written down. */
export function Waive({ cost, waived, onWaived }: Props) {
  if (cost === 0 && waived === null) {
    return null;
  }
  return (
    <>
      <Check id="waive" checked={waived !== null} onChange={(checked) => onWaived(checked ? '' : null)}>
        {say.waiveFee}
      </Check>
      {waived !== null && (
        <Field
          id="waive-why"
          label={say.waiveWhy}
          maxLength={300}
          required
          wrong={undefined}
          value={waived}
          onValue={onWaived}
        />
      )}
    </>
  );
}

import { Columns } from '../ui/Columns';
import { LengthField } from '../ui/LengthField';
import * as say from '@words/offer';

type Range = { min: number; max: number; step: number };
type Props = { range: Range; wrong: string | undefined; onRange: (range: Range) => void };

/** A length of the client's own: from the shortest to the longest, in steps. */
export function RangeFields({ range, wrong, onRange }: Props) {
  return (
    <Columns of={3}>
      <LengthField
        id="range-min"
        label={say.shortest}
        wrong={wrong}
        value={range.min}
        empty={0}
        onValue={(min) => onRange({ ...range, min })}
      />
      <LengthField
        id="range-max"
        label={say.longest}
        wrong={undefined}
        value={range.max}
        empty={0}
        onValue={(max) => onRange({ ...range, max })}
      />
      <LengthField
        id="range-step"
        label={say.inSteps}
        wrong={undefined}
        value={range.step}
        empty={0}
        onValue={(step) => onRange({ ...range, step })}
      />
    </Columns>
  );
}

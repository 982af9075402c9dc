import { Columns } from '../ui/Columns';
import { readHours } from '../hours/hours';
import { ClockField } from '../ui/ClockField';
import { Field } from '../ui/Field';
import type { Wish } from './datesWish';
import * as say from '@words/roster';

type Props = { wish: Wish; onWish: (changes: Partial<Wish>) => void };

/** The hours of a special day, or from when until when somebody is away or it is closed. */
export function DatesFields({ wish, onWish }: Props) {
  const { what, times } = wish;
  if (what === 'special') {
    return (
      <Field
        id="special-hours"
        label={say.open}
        hint={say.openHelp}
        wrong={readHours(wish.typed) === null ? say.openLike : undefined}
        value={wish.typed}
        onValue={(typed) => onWish({ typed })}
      />
    );
  }
  return (
    <Columns of={3}>
      <ClockField
        id="span-from"
        label={say.from}
        wrong={undefined}
        value={times.from}
        onValue={(from) => onWish({ times: { ...times, from } })}
      />
      <ClockField
        id="span-to"
        label={say.until}
        hint={say.midnightToEndDay}
        wrong={undefined}
        value={times.to}
        onValue={(to) => onWish({ times: { ...times, to } })}
      />
      <Field
        id="span-name"
        label={what === 'off' ? say.whyForOwnUse : say.whatIsItCalled}
        maxLength={120}
        wrong={undefined}
        value={wish.name}
        onValue={(name) => onWish({ name })}
      />
    </Columns>
  );
}

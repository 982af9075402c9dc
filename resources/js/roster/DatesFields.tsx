import { readHours } from '../hours/hours';
import { ClockField } from '../ui/ClockField';
import { Field } from '../ui/Field';
import type { Wish } from './datesWish';

type Props = { wish: Wish; onWish: (changes: Partial<Wish>) => void };

/** The hours of a special day, or from when until when somebody is away or it is closed. */
export function DatesFields({ wish, onWish }: Props) {
  const { what, times } = wish;
  if (what === 'special') {
    return (
      <Field
        id="special-hours"
        label="Open"
        hint="9-12:30, 13:30-18; nothing typed: closed all day"
        wrong={readHours(wish.typed) === null ? 'Typed like 9-12:30, 13:30-18.' : undefined}
        value={wish.typed}
        onValue={(typed) => onWish({ typed })}
      />
    );
  }
  return (
    <div className="three">
      <ClockField
        id="span-from"
        label="From"
        wrong={undefined}
        value={times.from}
        onValue={(from) => onWish({ times: { ...times, from } })}
      />
      <ClockField
        id="span-to"
        label="Until"
        hint="Midnight: to the end of the day"
        wrong={undefined}
        value={times.to}
        onValue={(to) => onWish({ times: { ...times, to } })}
      />
      <Field
        id="span-name"
        label={what === 'off' ? 'Why, for your own use' : 'What is it called?'}
        maxLength={120}
        wrong={undefined}
        value={wish.name}
        onValue={(name) => onWish({ name })}
      />
    </div>
  );
}

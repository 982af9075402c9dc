import { Field } from '../ui/Field';
import { LinesField } from '../ui/LinesField';
import type { Beginning } from './beginning';

type Props = {
  begun: Beginning;
  set: (changes: Partial<Beginning>) => void;
  owner: string;
  wrong: Readonly<Record<string, string>>;
};

/** Who else is booked, and where clients come to. */
export function StartPeople({ begun, set, owner, wrong }: Props) {
  return (
    <>
      <p>{owner} can be booked. Is there anybody else? They need no account for it.</p>
      <LinesField
        id="people"
        label="Others, one name a line"
        lines={3}
        wrong={Object.entries(wrong).find(([field]) => field.startsWith('people'))?.[1]}
        value={begun.people}
        onValue={(people) => set({ people })}
      />
      <Field
        id="address"
        label="Where clients come to"
        hint="Nothing typed: you say so later"
        autoComplete="street-address"
        maxLength={300}
        wrong={wrong['address']}
        value={begun.address}
        onValue={(address) => set({ address })}
      />
    </>
  );
}

import { Field } from '../ui/Field';
import { LinesField } from '../ui/LinesField';
import type { Beginning } from './beginning';
import * as say from '@words/accounts';

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
      <p>{say.canBeBookedThere({ owner })}</p>
      <LinesField
        id="people"
        label={say.othersOneNameLine}
        lines={3}
        wrong={Object.entries(wrong).find(([field]) => field.startsWith('people'))?.[1]}
        value={begun.people}
        onValue={(people) => set({ people })}
      />
      <Field
        id="address"
        label={say.whereClientsComeTo}
        hint={say.nothingTypedSaySo}
        autoComplete="street-address"
        maxLength={300}
        wrong={wrong['address']}
        value={begun.address}
        onValue={(address) => set({ address })}
      />
    </>
  );
}

import { Field } from '../ui/Field';
import { LengthField } from '../ui/LengthField';
import { Select } from '../ui/Select';
import type { FactsProps } from './facts';
import * as say from '@words/roster';

/** What the business and its clients give their word for when a time is asked for. */
export function FactsPromises({ content, set, wrong }: FactsProps) {
  return (
    <>
      <LengthField
        id="answer-minutes"
        label={say.requestsAnsweredWithin}
        hint={say.clientsAreToldUntilWhen}
        wrong={wrong['answerMinutes']}
        value={content.answerMinutes}
        empty={-1}
        onValue={(answerMinutes) => set({ answerMinutes })}
      />
      <Select
        id="asks-phone"
        label={say.telephoneOfClients}
        value={content.asksPhone}
        options={[
          ['optional', say.asksPhone.optional],
          ['required', say.asksPhone.required],
          ['never', say.asksPhone.never],
        ]}
        onValue={(asksPhone) => set({ asksPhone })}
      />
      <Field
        id="consent"
        label={say.whatClientsAgreeTo}
        hint={say.emptyAsksNothing}
        lines={3}
        maxLength={1000}
        wrong={wrong['consent']}
        value={content.consent}
        onValue={(consent) => set({ consent })}
      />
    </>
  );
}

import { Columns } from '../ui/Columns';
import { Notice } from '../ui/Notice';
import type { Schemas } from '../lib/api';
import { BadgeField } from '../setup/BadgeField';
import { Field } from '../ui/Field';
import { MailField, PhoneField } from '../ui/ReachFields';
import { Pick } from '../ui/Pick';
import type { PartProps } from './person';
import * as say from '@words/roster';

/** Who somebody is, and what they do. */
export function PersonWho({
  content,
  set,
  wrong,
  disabled,
  services: all,
}: PartProps & { services: Schemas['Setup']['services'] }) {
  return (
    <fieldset disabled={disabled} className="contents">
      <Columns>
        <Field
          id="person-name"
          label={say.name}
          maxLength={120}
          wrong={wrong['name']}
          value={content.name}
          onValue={(name) => set({ name })}
        />
        <MailField id="person-email" wrong={wrong['email']} value={content.email} onValue={(email) => set({ email })} />
        <PhoneField
          id="person-phone"
          wrong={wrong['phone']}
          value={content.phone}
          onValue={(phone) => set({ phone })}
        />
        <BadgeField
          name={content.name}
          colour={content.colour}
          pattern={content.pattern}
          wrong={wrong['pattern'] ?? wrong['colour']}
          onBadge={(colour, pattern) => set({ colour, pattern })}
        />
      </Columns>
      {content.services.length === 0 && content.active && (
        <Notice id="does-nothing">{all.length === 0 ? say.nobodyCanBeBooked : say.doesNothingYetSo}</Notice>
      )}
      {all.length > 0 && (
        <Pick
          legend={say.whatTheyDo}
          from={all}
          chosen={content.services}
          onChosen={(services) => set({ services })}
          wrong={wrong['services']}
        />
      )}
    </fieldset>
  );
}

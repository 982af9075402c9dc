import { Columns } from '../ui/Columns';
import { Choice } from '../ui/Choice';
import { Field } from '../ui/Field';
import { Fold } from '../ui/Fold';
import { NumberField } from '../ui/NumberField';
import { first, mayComeInParties, type PartProps } from './service';
import * as say from '@words/offer';

/** What choosing each means for the service. */
const COMPANY = {
  private: { kind: 'appointment', places: 1 },
  shared: { kind: 'appointment', places: 8 },
  session: { kind: 'session' },
} as const;

/** Whether one comes alone, joins others, or comes to a session. */
export function ServiceParty({ content, set, wrong }: PartProps) {
  const company = content.kind === 'session' ? 'session' : content.places === 1 ? say.privateParty : 'shared';
  return (
    <Fold
      id="fold-party"
      title={say.aloneOrWithOthers}
      says={
        content.kind === 'session'
          ? say.atSessionsSchedule
          : content.places > 1
            ? say.sharedPlaces({ places: content.places })
            : say.privateParty
      }
      wrong={first(wrong, 'places') !== undefined || first(wrong, 'maxParty') !== undefined}
    >
      <Choice
        label={say.aloneOrWithOthers}
        value={company}
        options={[
          ['private', say.privateParty],
          ['shared', say.sharedOthersMayJoin, 'kind-shared'],
          ['session', say.sessionsScheduledOnBoard, 'kind-session'],
        ]}
        onValue={(next) => set(COMPANY[next])}
      />
      <Columns>
        {content.kind === 'appointment' && content.places !== 1 && (
          <NumberField
            id="service-places"
            label={say.places}
            wrong={wrong['places']}
            value={content.places}
            empty={0}
            onValue={(places) => set({ places })}
          />
        )}
        <NumberField
          id="service-party"
          label={say.largestParty}
          hint={
            content.kind === 'appointment' && content.places === 1 ? say.nothingTypedOnePerson : say.nothingTypedAsMany
          }
          wrong={wrong['maxParty']}
          value={content.maxParty}
          empty={null}
          onValue={(maxParty) => set({ maxParty })}
        />
      </Columns>
      {mayComeInParties(content) && (
        <Columns>
          <Field
            id="service-head"
            label={say.headOne}
            hint={say.headHelp}
            maxLength={40}
            wrong={wrong['head']}
            value={content.head}
            onValue={(head) => set({ head })}
          />
          <Field
            id="service-heads"
            label={say.headMany}
            maxLength={40}
            wrong={wrong['heads']}
            value={content.heads}
            onValue={(heads) => set({ heads })}
          />
        </Columns>
      )}
    </Fold>
  );
}

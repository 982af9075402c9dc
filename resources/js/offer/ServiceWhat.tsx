import { BadgeField } from '../setup/BadgeField';
import { PictureField } from '../setup/PictureField';
import { useSetup } from '../setup/useSetup';
import { Field } from '../ui/Field';
import { Fold } from '../ui/Fold';
import { Select } from '../ui/Select';
import type { PartProps } from './service';
import * as say from '@words/offer';

/** What it is called, and what clients and staff should know. */
export function ServiceWhat({ content, set, wrong }: PartProps) {
  const { data } = useSetup();
  const category = data?.categories.find((one) => one.id === content.category)?.name;
  return (
    <>
      <Field
        id="service-name"
        label={say.whatIsItCalled}
        maxLength={120}
        wrong={wrong['name']}
        value={content.name}
        onValue={(name) => set({ name })}
      />
      <Field
        id="service-description"
        label={say.whatShouldClientsKnow}
        lines={2}
        maxLength={2000}
        wrong={wrong['description']}
        value={content.description}
        onValue={(description) => set({ description })}
      />
      <Field
        id="service-bring"
        label={say.whatToBring}
        hint={say.toldOnceBooked}
        maxLength={500}
        wrong={wrong['bring']}
        value={content.bring}
        onValue={(bring) => set({ bring })}
      />
      <Fold
        id="fold-what"
        title={say.categoryPictureMarkNote}
        says={[
          category ?? say.noCategory,
          content.picture === null ? say.noPicture : say.aPicture,
          content.staffNote === '' ? say.noNote : say.hasNote,
        ].join(', ')}
        wrong={wrong['staffNote'] !== undefined}
      >
        <Select
          id="service-category"
          label={say.category}
          value={content.category ?? ''}
          options={[['', say.none], ...(data?.categories ?? []).map((one) => [one.id, one.name] as const)]}
          onValue={(one) => set({ category: one === '' ? null : one })}
        />
        <PictureField label={say.picture} picture={content.picture} onPicture={(picture) => set({ picture })} />
        <BadgeField
          name={content.name}
          colour={content.colour}
          pattern={content.pattern}
          onBadge={(colour, pattern) => set({ colour, pattern })}
        />
        <Field
          id="service-note"
          label={say.noteForStaff}
          hint={say.privateClientsNeverSee}
          lines={2}
          maxLength={2000}
          wrong={wrong['staffNote']}
          value={content.staffNote}
          onValue={(staffNote) => set({ staffNote })}
        />
      </Fold>
    </>
  );
}

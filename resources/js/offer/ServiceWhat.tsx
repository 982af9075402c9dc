import { MarkField } from '../setup/MarkField';
import { PictureField } from '../setup/PictureField';
import { useSetup } from '../setup/useSetup';
import { Field } from '../ui/Field';
import { Fold } from '../ui/Fold';
import { Select } from '../ui/Select';
import type { PartProps } from './service';

/** What it is called, and what clients and staff should know. */
export function ServiceWhat({ content, set, wrong }: PartProps) {
  const { data } = useSetup();
  const category = data?.categories.find((one) => one.id === content.category)?.name;
  return (
    <>
      <Field
        id="service-name"
        label="What is it called?"
        maxLength={120}
        wrong={wrong['name']}
        value={content.name}
        onValue={(name) => set({ name })}
      />
      <Field
        id="service-description"
        label="What should clients know?"
        lines={2}
        maxLength={2000}
        wrong={wrong['description']}
        value={content.description}
        onValue={(description) => set({ description })}
      />
      <Fold
        id="fold-what"
        title="Category, picture, mark, note"
        says={[
          category ?? 'no category',
          content.picture === null ? 'no picture' : 'a picture',
          content.staffNote === '' ? 'no note' : 'a note for staff',
        ].join(', ')}
        wrong={wrong['staffNote'] !== undefined}
      >
        <Select
          id="service-category"
          label="Category"
          value={content.category ?? ''}
          options={[['', 'none'], ...(data?.categories ?? []).map((one) => [one.id, one.name] as const)]}
          onValue={(one) => set({ category: one === '' ? null : one })}
        />
        <PictureField label="Picture" picture={content.picture} onPicture={(picture) => set({ picture })} />
        <MarkField
          name={content.name}
          colour={content.colour}
          pattern={content.pattern}
          onMark={(colour, pattern) => set({ colour, pattern })}
        />
        <Field
          id="service-note"
          label="A note for staff"
          hint="Private: clients never see it"
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

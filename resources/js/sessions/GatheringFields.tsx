import { namesOf, useSetup } from '../setup/useSetup';
import { Columns } from '../ui/Columns';
import { LengthField } from '../ui/LengthField';
import { NumberField } from '../ui/NumberField';
import { Pick } from '../ui/Pick';
import { Select } from '../ui/Select';
import type { Schemas } from '../lib/api';
import * as say from '@words/sessions';

type Part = Omit<Schemas['Gathering'], 'service'>;

type Props = {
  /** Of the service: who can hold it, and where. */
  able: { staff: readonly string[]; locations: readonly string[] };
  value: Part;
  wrong: Partial<Record<string, string>>;
  onValue: (changes: Partial<Part>) => void;
};

/** How long, how many places, where and held by whom. */
export function GatheringFields({ able, value, wrong, onValue }: Props) {
  const { data } = useSetup();
  const names = namesOf(data);
  const people = (data?.staff ?? []).filter((one) => one.active && able.staff.includes(one.id));
  return (
    <>
      <Columns of={3}>
        <LengthField
          id="session-minutes"
          label={say.lasts}
          wrong={wrong['minutes']}
          value={value.minutes}
          empty={0}
          onValue={(minutes) => onValue({ minutes })}
        />
        <NumberField
          id="session-places"
          label={say.placesLabel}
          wrong={wrong['places']}
          value={value.places}
          empty={0}
          onValue={(places) => onValue({ places })}
        />
        <Select
          id="session-location"
          label={say.where}
          value={value.location}
          options={able.locations.map((id) => [id, names.get(id) ?? ''] as const)}
          wrong={wrong['location']}
          onValue={(location) => onValue({ location })}
        />
      </Columns>
      <Pick
        legend={say.heldBy}
        from={people}
        chosen={value.staff}
        wrong={wrong['staff']}
        onChosen={(staff) => onValue({ staff })}
      />
    </>
  );
}

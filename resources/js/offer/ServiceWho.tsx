import { useSetup } from '../setup/useSetup';
import { Fold } from '../ui/Fold';
import { Mark } from '../ui/Mark';
import { Pick } from '../ui/Pick';
import { Select } from '../ui/Select';
import { first, type PartProps } from './service';
import { ServiceNeeds } from './ServiceNeeds';
import { ServiceParty } from './ServiceParty';

const ASSIGNMENTS = [
  ['choose', 'the client chooses, or anyone'],
  ['rotate', 'in turn'],
  ['first', 'the first who is free'],
  ['random', 'whoever is drawn'],
  ['all', 'all of them together'],
] as const;

/** Who does it, where, with what, and for how many at once. */
export function ServiceWho({ content, set, wrong }: PartProps) {
  const { data } = useSetup();
  if (data === undefined) {
    return null;
  }
  const people = content.staff.map((id) => data.staff.find((one) => one.id === id)?.name ?? '').join(', ');
  return (
    <>
      <Fold
        id="fold-who"
        title="Who"
        says={people === '' ? 'nobody yet' : people}
        open={content.staff.length === 0}
        wrong={first(wrong, 'staff') !== undefined}
      >
        <Pick
          legend="Who does it"
          hint="In the order in which they are asked"
          from={data.staff.map((one) => ({ ...one, mark: <Mark of={one} /> }))}
          chosen={content.staff}
          onChosen={(staff) => set({ staff })}
          wrong={first(wrong, 'staff')}
        />
        <Select
          id="service-assignment"
          label="Who takes a booking"
          value={content.assignment}
          options={ASSIGNMENTS}
          onValue={(assignment) => set({ assignment })}
        />
      </Fold>
      <Fold
        id="fold-where"
        title="Where"
        says={
          content.locations.map((id) => data.locations.find((one) => one.id === id)?.name ?? '').join(', ') ||
          'nowhere yet'
        }
        open={content.locations.length === 0}
        wrong={first(wrong, 'locations') !== undefined}
      >
        <Pick
          legend="Where it takes place"
          from={data.locations}
          chosen={content.locations}
          onChosen={(locations) => set({ locations })}
          wrong={first(wrong, 'locations')}
        />
      </Fold>
      <ServiceParty content={content} set={set} wrong={wrong} />
      {data.pools.length > 0 && <ServiceNeeds content={content} set={set} wrong={wrong} pools={data.pools} />}
    </>
  );
}

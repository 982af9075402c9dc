import { useSetup } from '../setup/useSetup';
import { Fold } from '../ui/Fold';
import { Badge } from '../ui/Badge';
import { Pick } from '../ui/Pick';
import { Select } from '../ui/Select';
import { first, type PartProps } from './service';
import { ServiceNeeds } from './ServiceNeeds';
import { ServiceParty } from './ServiceParty';
import * as say from '@words/offer';

const ASSIGNMENTS = [
  ['choose', say.clientChoosesOrAnyone],
  ['rotate', say.inTurn],
  ['first', say.firstWhoFree],
  ['random', say.whoeverDrawn],
  ['all', say.allThemTogether],
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
        title={say.who}
        says={people === '' ? say.nobodyYet : people}
        open={content.staff.length === 0}
        wrong={first(wrong, 'staff') !== undefined}
      >
        <Pick
          legend={say.whoDoes}
          hint={say.inOrderInWhich}
          from={data.staff.map((one) => ({ ...one, badge: <Badge of={one} /> }))}
          chosen={content.staff}
          onChosen={(staff) => set({ staff })}
          wrong={first(wrong, 'staff')}
        />
        <Select
          id="service-assignment"
          label={say.whoTakesBooking}
          value={content.assignment}
          options={ASSIGNMENTS}
          onValue={(assignment) => set({ assignment })}
        />
      </Fold>
      <Fold
        id="fold-where"
        title={say.where}
        says={
          content.locations.map((id) => data.locations.find((one) => one.id === id)?.name ?? '').join(', ') ||
          say.nowhereYet
        }
        open={content.locations.length === 0}
        wrong={first(wrong, 'locations') !== undefined}
      >
        <Pick
          legend={say.whereTakesPlace}
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

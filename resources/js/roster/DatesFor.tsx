import type { Schemas } from '../lib/api';
import { Choice } from '../ui/Choice';
import { Badge } from '../ui/Badge';
import { Pick } from '../ui/Pick';
import { Select } from '../ui/Select';
import { isForNobody, type Wish } from './datesWish';
import * as say from '@words/roster';

type Props = { wish: Wish; onWish: (changes: Partial<Wish>) => void; data: Schemas['Setup'] };

/** For whom it is: for everyone, for named people, or for one location. */
export function DatesFor({ wish, onWish, data }: Props) {
  const { what, whose } = wish;
  return (
    <>
      {what !== null && what !== 'off' && (
        <Choice
          label={say.forWhom}
          value={whose}
          options={[
            ['everyone', say.forEveryone, 'whose-everyone'],
            ['people', say.forPeopleIChoose, 'whose-people'],
            ...(what === 'special' && data.locations.length > 1 ? ([['location', say.forOneLocation]] as const) : []),
          ]}
          onValue={(next) => onWish({ whose: next })}
        />
      )}
      {(what === 'off' || whose === 'people') && (
        <Pick
          legend={say.who}
          from={data.staff.map((one) => ({ ...one, badge: <Badge of={one} /> }))}
          chosen={[...wish.people]}
          onChosen={(people) => onWish({ people })}
          wrong={isForNobody(wish) ? say.nobodyChosenYetSo : undefined}
        />
      )}
      {what === 'special' && whose === 'location' && (
        <Select
          id="special-place"
          label={say.location}
          value={wish.place}
          options={[['', say.chooseOne], ...data.locations.map((one) => [one.id, one.name] as const)]}
          onValue={(place) => onWish({ place })}
        />
      )}
    </>
  );
}

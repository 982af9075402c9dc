import type { Schemas } from '../lib/api';
import { Choice } from '../ui/Choice';
import { Mark } from '../ui/Mark';
import { Pick } from '../ui/Pick';
import { Select } from '../ui/Select';
import { isForNobody, type Wish } from './datesWish';

type Props = { wish: Wish; onWish: (changes: Partial<Wish>) => void; data: Schemas['Setup'] };

/** For whom it is: for everyone, for named people, or for one location. */
export function DatesFor({ wish, onWish, data }: Props) {
  const { what, whose } = wish;
  return (
    <>
      {what !== null && what !== 'off' && (
        <Choice
          label="For whom"
          value={whose}
          options={[
            ['everyone', 'for everyone', 'whose-everyone'],
            ['people', 'for people I choose', 'whose-people'],
            ...(what === 'special' && data.locations.length > 1 ? ([['location', 'for one location']] as const) : []),
          ]}
          onValue={(next) => onWish({ whose: next })}
        />
      )}
      {(what === 'off' || whose === 'people') && (
        <Pick
          legend="Who"
          from={data.staff.map((one) => ({ ...one, mark: <Mark of={one} /> }))}
          chosen={[...wish.people]}
          onChosen={(people) => onWish({ people })}
          wrong={isForNobody(wish) ? 'Nobody is chosen yet, so it would be for nobody.' : undefined}
        />
      )}
      {what === 'special' && whose === 'location' && (
        <Select
          id="special-place"
          label="Location"
          value={wish.place}
          options={[['', 'Choose one'], ...data.locations.map((one) => [one.id, one.name] as const)]}
          onValue={(place) => onWish({ place })}
        />
      )}
    </>
  );
}

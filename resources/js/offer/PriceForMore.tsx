import { Select } from '../ui/Select';
import { mayComeInParties } from './service';
import type { PartProps } from './service';
import { AmountsByPerson } from './AmountsByPerson';
import * as say from '@words/offer';

const WAYS = [
  ['none', say.comeForNothing],
  ['same', say.costAsMuchAs],
  ['own', say.costAmountsTheirOwn],
] as const;

/** What those cost who come along, where more than one may. */
export function PriceForMore({ content, set, wrong, currency }: PartProps & { currency: string }) {
  const { pricing } = content;
  if (!mayComeInParties(content)) {
    return null;
  }
  const way = pricing.perPerson ? 'same' : pricing.extraPeople.length > 0 ? 'own' : 'none';
  const put = (extraPeople: number[]) => set({ pricing: { ...pricing, perPerson: false, extraPeople } });
  return (
    <>
      <Select
        id="service-more-people"
        label={say.morePeopleOneParty}
        value={way}
        options={WAYS}
        onValue={(next) =>
          next === 'same'
            ? set({ pricing: { ...pricing, perPerson: true, extraPeople: [] } })
            : put(next === 'own' ? [0] : [])
        }
        wrong={wrong['pricing.extraPeople']}
      />
      {way === 'own' && (
        <AmountsByPerson
          id="service-person"
          amounts={pricing.extraPeople}
          currency={currency}
          label={(count, isLast) => (isLast ? say.personAndAfter : say.person)({ count, currency })}
          wrong={(i) => wrong[`pricing.extraPeople.${i}`]}
          onAmounts={put}
        />
      )}
    </>
  );
}

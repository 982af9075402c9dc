import { Columns } from '../ui/Columns';
import { Button } from '../ui/Button';
import { Select } from '../ui/Select';
import type { PartProps } from './service';
import { MoneyField } from '../ui/MoneyField';
import * as say from '@words/offer';

const WAYS = [
  ['none', say.comeForNothing],
  ['same', say.costAsMuchAs],
  ['own', say.costAmountsTheirOwn],
] as const;

/** What those cost who come along, where more than one may. */
export function PriceForMore({ content, set, wrong, currency }: PartProps & { currency: string }) {
  const { pricing } = content;
  const largest = content.maxParty ?? (content.kind === 'session' || content.places > 1 ? 2 : 1);
  if (largest < 2) {
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
        <Columns of={3}>
          {pricing.extraPeople.map((amount, i) => (
            <MoneyField
              key={i}
              id={`service-person-${i + 2}`}
              label={(i === pricing.extraPeople.length - 1 ? say.personAndAfter : say.person)({
                count: i + 2,
                currency,
              })}
              currency={currency}
              wrong={wrong[`pricing.extraPeople.${i}`]}
              value={amount}
              onValue={(next) => put(pricing.extraPeople.map((one, at) => (at === i ? next : one)))}
            />
          ))}
          <div className="flex flex-wrap items-end gap-2">
            {pricing.extraPeople.length < 12 && (
              <Button small onClick={() => put([...pricing.extraPeople, pricing.extraPeople.at(-1) ?? 0])}>
                {say.oneMore}
              </Button>
            )}
            {pricing.extraPeople.length > 1 && (
              <Button small onClick={() => put(pricing.extraPeople.slice(0, -1))}>
                {say.oneLess}
              </Button>
            )}
          </div>
        </Columns>
      )}
    </>
  );
}

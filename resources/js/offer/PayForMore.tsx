import { Check } from '../ui/Check';
import { AmountsByPerson } from './AmountsByPerson';
import { mayComeInParties } from './service';
import type { PartProps } from './service';
import * as say from '@words/offer';

/** What staff get for those who come along, where more than one may: their share of it, or an amount for each. */
export function PayForMore({ content, set, wrong, currency }: PartProps & { currency: string }) {
  const { pricing } = content;
  const put = (extraPeopleStaff: number[]) => set({ pricing: { ...pricing, extraPeopleStaff } });
  return (
    mayComeInParties(content) && (
      <>
        <Check
          id="service-pay-people"
          checked={pricing.extraPeopleStaff.length > 0}
          onChange={(on) => put(on ? [0] : [])}
        >
          {say.payMoreOwn}
        </Check>
        {pricing.extraPeopleStaff.length > 0 && (
          <AmountsByPerson
            id="service-pay-person"
            amounts={pricing.extraPeopleStaff}
            currency={currency}
            label={(count, isLast) => (isLast ? say.payPersonAndAfter : say.payPerson)({ count, currency })}
            wrong={(i) => wrong[`pricing.extraPeopleStaff.${i}`]}
            onAmounts={put}
          />
        )}
      </>
    )
  );
}

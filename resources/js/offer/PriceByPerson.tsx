import { useSetup } from '../setup/useSetup';
import { Check } from '../ui/Check';
import { MoneyField } from '../ui/MoneyField';
import type { PartProps } from './service';
import * as say from '@words/offer';

/** With some people it costs something else, whatever the length. */
export function PriceByPerson({ content, set, wrong, currency }: PartProps & { currency: string }) {
  const { data } = useSetup();
  const { pricing } = content;
  const people = (data?.staff ?? []).filter((one) => content.staff.includes(one.id));
  if (people.length < 2 && pricing.byStaff.length === 0) {
    return null;
  }
  const put = (byStaff: typeof pricing.byStaff) => set({ pricing: { ...pricing, byStaff } });
  return (
    <details className="grid gap-2" open={pricing.byStaff.length > 0}>
      <summary className="font-semibold">{say.anotherPriceWithSome}</summary>
      <ul className="mt-2 grid gap-2">
        {people.map((one) => {
          const i = pricing.byStaff.findIndex((own) => own.staff === one.id);
          const own = pricing.byStaff[i];
          return (
            <li key={one.id} className="two items-center">
              <Check
                id={`service-own-price-${one.id}`}
                checked={own !== undefined}
                onChange={(has) =>
                  put(
                    has
                      ? [...pricing.byStaff, { staff: one.id, amount: pricing.amount }]
                      : pricing.byStaff.filter((other) => other.staff !== one.id),
                  )
                }
              >
                {one.name}
              </Check>
              {own !== undefined && (
                <MoneyField
                  id={`service-price-with-${one.id}`}
                  label={say.priceWith({ name: one.name, currency })}
                  currency={currency}
                  wrong={wrong[`pricing.byStaff.${i}.amount`]}
                  value={own.amount}
                  onValue={(amount) =>
                    put(pricing.byStaff.map((other) => (other.staff === one.id ? { ...other, amount } : other)))
                  }
                />
              )}
            </li>
          );
        })}
      </ul>
    </details>
  );
}

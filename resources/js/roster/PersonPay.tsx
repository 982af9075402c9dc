import type { Schemas } from '../lib/api';
import { listed } from '../lib/format';
import { AmountOrPart } from '../setup/AmountOrPart';
import { useSetup } from '../setup/useSetup';
import { Check } from '../ui/Check';
import { Fold } from '../ui/Fold';
import { hintLook } from '../ui/Labelled';
import type { PartProps } from './person';
import * as say from '@words/roster';

type Props = PartProps & { services: readonly Pick<Schemas['ServiceRow'], 'id' | 'name'>[] };

/** What somebody is paid for a service in place of what it pays. */
export function PersonPay({ content, set, wrong, disabled, services }: Props) {
  const { data } = useSetup();
  const { rates } = content;
  const done = services.filter((one) => content.services.includes(one.id));
  const paid = done.filter((one) => rates.some((rate) => rate.service === one.id)).map((one) => one.name);
  return (
    <Fold
      id="fold-pay"
      title={say.ownPay}
      says={paid.length === 0 ? say.payAsServices : say.payFor({ names: listed(paid) })}
      wrong={Object.keys(wrong).some((field) => field.startsWith('rates'))}
    >
      <fieldset disabled={disabled} className="contents">
        <p className={hintLook}>{say.ownPayHelp}</p>
        {done.map((one) => {
          const at = rates.findIndex((rate) => rate.service === one.id);
          const own = rates[at];
          return (
            <div key={one.id} className="grid gap-2">
              <Check
                id={`own-pay-${one.id}`}
                checked={own !== undefined}
                onChange={(on) =>
                  set({
                    rates: on
                      ? [...rates, { service: one.id, amount: null, percent: '50' }]
                      : rates.filter((rate) => rate.service !== one.id),
                  })
                }
              >
                {say.ownPayFor({ name: one.name })}
              </Check>
              {own !== undefined && (
                <AmountOrPart
                  id={`pay-${one.id}`}
                  label={say.paidFor({ name: one.name })}
                  currency={data?.currency ?? 'EUR'}
                  value={own}
                  wrong={wrong[`rates.${at}.amount`] ?? wrong[`rates.${at}.percent`]}
                  onValue={(pay) => set({ rates: rates.map((rate, i) => (i === at ? { ...rate, ...pay } : rate)) })}
                />
              )}
            </div>
          );
        })}
      </fieldset>
    </Fold>
  );
}

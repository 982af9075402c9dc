import { Check } from '../ui/Check';
import { Fold } from '../ui/Fold';
import { hintLook } from '../ui/Labelled';
import { partWords } from '../words/prices';
import { PayForMore } from './PayForMore';
import { AmountOrPart } from '../setup/AmountOrPart';
import type { PartProps } from './service';
import * as say from '@words/offer';

/** What who takes it is paid for it; never shown to clients. */
export function StaffPay({ content, set, wrong, currency }: PartProps & { currency: string }) {
  const pay = content.staffPay;
  return (
    <Fold
      id="fold-pay"
      title={say.pay}
      says={pay === null ? say.payNone : partWords(pay, currency)}
      wrong={Object.keys(wrong).some((field) => field.startsWith('staffPay'))}
    >
      <Check
        id="service-pay"
        checked={pay !== null}
        onChange={(on) => set({ staffPay: on ? { amount: null, percent: '40' } : null })}
      >
        {say.payReckoned}
      </Check>
      {pay !== null && (
        <>
          <AmountOrPart
            id="pay"
            label={say.payAs}
            currency={currency}
            value={pay}
            wrong={wrong['staffPay.amount'] ?? wrong['staffPay.percent']}
            onValue={(staffPay) => set({ staffPay })}
          />
          <p className={hintLook}>{say.payHelp}</p>
        </>
      )}
      <PayForMore content={content} set={set} wrong={wrong} currency={currency} />
    </Fold>
  );
}

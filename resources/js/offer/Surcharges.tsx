import { shortWeekday } from '../hours/week';
import { weekWords } from '../hours/weekWords';
import type { Schemas } from '../lib/api';
import { listed, longDate, money } from '../lib/format';
import { RowEditor } from '../setup/RowEditor';
import { ThingRows } from '../setup/ThingRows';
import { useSetup } from '../setup/useSetup';
import { useThing } from '../setup/useThing';
import { Check } from '../ui/Check';
import { Field } from '../ui/Field';
import { Select } from '../ui/Select';
import { AmountOrPart } from '../setup/AmountOrPart';
import type { Contents } from '../setup/things';
import { SurchargeWhen } from './SurchargeWhen';
import * as say from '@words/offer';

const WHEN = [
  ['outside_hours', say.appliesWhen.outside_hours],
  ['weekdays', say.appliesWhen.weekdays],
  ['dates', say.appliesWhen.dates],
] as const;

const FRESH: Contents['surcharge'] = {
  name: '',
  when: 'outside_hours',
  hours: null,
  weekdays: [],
  dates: [],
  amount: 0,
  percent: null,
  staffAmount: null,
  staffPercent: null,
};

/** What visits cost more in the evening, at weekends, on holidays. */
export function Surcharges() {
  const { data, may } = useSetup();
  const currency = data?.currency ?? 'EUR';
  return (
    <ThingRows
      list="surcharges"
      title={say.surcharges}
      add={say.addSurcharge}
      empty={say.noSurcharges}
      rows={(data?.surcharges ?? []).map((one) => ({
        ...one,
        says: say.surchargeSays({
          cost: one.percent === null ? money(one.amount ?? 0, currency) : say.rateOf({ percent: one.percent }),
          when: whenWords(one),
          staff: may('see-pay') ? staffWords(one, currency) : 'none',
        }),
      }))}
      editor={(id, onDone) => <Surcharge id={id} currency={currency} onDone={onDone} />}
    />
  );
}

/** What staff get of it: "none", "€1.00" or "50 %". */
const staffWords = ({ staffAmount, staffPercent }: Schemas['SurchargeRow'], currency: string): string =>
  staffPercent !== null
    ? say.rateOf({ percent: staffPercent })
    : staffAmount !== null
      ? money(staffAmount, currency)
      : 'none';

/** Dates that are told; of more, how many. */
const TOLD = 3;

/** "outside Mon to Fri 9-18", "on Sat, Sun", "on 24 December 2026 and 2 more". */
function whenWords({ when, weekdays, dates, hours }: Schemas['SurchargeRow']): string {
  switch (when) {
    case 'outside_hours':
      return hours === null ? say.appliesWhen.outside_hours : say.outsideThese({ hours: weekWords(hours) });
    case 'weekdays':
      return say.onWeekdays({ names: listed(weekdays.map(shortWeekday)) });
    case 'dates':
      return say.onDates({
        dates: dates
          .slice(0, TOLD)
          .map((date) => `${longDate(date)} ${date.slice(0, 4)}`)
          .join(', '),
        more: Math.max(0, dates.length - TOLD),
      });
  }
}

function Surcharge({ id, currency, onDone }: { id: string | null; currency: string; onDone: () => void }) {
  const { data, may } = useSetup();
  const editing = useThing('surcharge', id, { ...FRESH, hours: data?.openingHours ?? null });
  const { content, set, wrong } = editing;
  if (content === null) {
    return <p role="status">{say.fetchingSurcharge}</p>;
  }
  const getsSome = content.staffAmount !== null || content.staffPercent !== null;
  return (
    <RowEditor editing={editing} name={content.name} isNew={id === null} onDone={onDone}>
      <Field
        id="surcharge-name"
        label={say.taxName}
        maxLength={120}
        wrong={wrong['name']}
        value={content.name}
        onValue={(name) => set({ name })}
      />
      <AmountOrPart
        id="surcharge"
        label={say.itCosts}
        currency={currency}
        value={content}
        wrong={wrong['amount'] ?? wrong['percent']}
        onValue={set}
      />
      <Select
        id="surcharge-when"
        label={say.applies}
        value={content.when}
        options={WHEN}
        onValue={(when) => set({ when })}
        wrong={wrong['when']}
      />
      <SurchargeWhen content={content} set={set} wrong={wrong} />
      {may('see-pay') && (
        <Check
          checked={getsSome}
          onChange={(some) => set({ staffAmount: null, staffPercent: some ? '50' : null })}
          id="surcharge-staff"
        >
          {say.staffGetOfIt}
        </Check>
      )}
      {getsSome && (
        <AmountOrPart
          id="surcharge-staff-pay"
          label={say.theyGet}
          part={say.partOfIt}
          currency={currency}
          value={{ amount: content.staffAmount, percent: content.staffPercent }}
          wrong={wrong['staffAmount'] ?? wrong['staffPercent']}
          onValue={({ amount, percent }) => set({ staffAmount: amount, staffPercent: percent })}
        />
      )}
    </RowEditor>
  );
}

import { WEEKDAYS } from '../hours/hours';
import { ZoneField } from '../setup/ZoneField';
import { Field } from '../ui/Field';
import { Fold } from '../ui/Fold';
import { LengthField } from '../ui/LengthField';
import { Select } from '../ui/Select';
import type { FactsProps } from './facts';

/** How the business counts time and money. */
export function FactsCounts({ content, set, wrong }: FactsProps) {
  return (
    <Fold
      id="fold-counts"
      title="Time and money"
      says={[
        content.timeZone,
        content.currency,
        `${content.clock} hours`,
        `weeks begin on ${WEEKDAYS.find(([day]) => day === content.firstWeekday)?.[1] ?? ''}`,
      ].join(', ')}
      wrong={['timeZone', 'currency', 'travelMinutes'].some((field) => wrong[field] !== undefined)}
    >
      <div className="two">
        <ZoneField wrong={wrong['timeZone']} value={content.timeZone} onValue={(timeZone) => set({ timeZone })} />
        <Field
          id="currency"
          label="Currency"
          maxLength={3}
          wrong={wrong['currency']}
          value={content.currency}
          onValue={(currency) => set({ currency: currency.toUpperCase() })}
        />
        <Select
          id="clock"
          label="Clock"
          value={content.clock === 12 ? '12' : '24'}
          options={[
            ['24', '24 hours'],
            ['12', '12 hours, a.m. and p.m.'],
          ]}
          onValue={(clock) => set({ clock: clock === '12' ? 12 : 24 })}
        />
        <Select
          id="first-weekday"
          label="Weeks begin on"
          value={content.firstWeekday}
          options={WEEKDAYS}
          onValue={(firstWeekday) => set({ firstWeekday })}
        />
        <LengthField
          id="travel"
          label="The way from one place to another"
          hint="Kept free between visits at different locations"
          wrong={wrong['travelMinutes']}
          value={content.travelMinutes}
          empty={-1}
          onValue={(travelMinutes) => set({ travelMinutes })}
        />
      </div>
    </Fold>
  );
}

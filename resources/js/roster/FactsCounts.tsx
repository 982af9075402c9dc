import { Columns } from '../ui/Columns';
import { WEEKDAYS } from '../hours/week';
import { ZoneField } from '../setup/ZoneField';
import { Field } from '../ui/Field';
import { Fold } from '../ui/Fold';
import { LengthField } from '../ui/LengthField';
import { Select } from '../ui/Select';
import type { FactsProps } from './facts';
import * as say from '@words/roster';
import { LOCALE } from '../language/locale';
import { useSetup } from '../setup/useSetup';

const languages = new Intl.DisplayNames(LOCALE, { type: 'language', languageDisplay: 'standard' });

const named = (locales: readonly string[]) =>
  locales
    .map((one) => [one, languages.of(one) ?? one] as const)
    .toSorted(([, one], [, other]) => one.localeCompare(other, LOCALE));

/** How the business counts time and money, and in which language it writes them. */
export function FactsCounts({ content, set, wrong }: FactsProps) {
  return (
    <Fold
      id="fold-counts"
      title={say.timeAndMoney}
      says={[
        content.timeZone,
        content.currency,
        say.clockHours({ clock: content.clock }),
        say.weeksOn({ day: WEEKDAYS.find(([day]) => day === content.firstWeekday)?.[1] ?? '' }),
      ].join(', ')}
      wrong={['timeZone', 'locale', 'currency', 'travelMinutes', 'taxNumber'].some(
        (field) => wrong[field] !== undefined,
      )}
    >
      <Columns>
        <Select
          id="locale"
          label={say.language}
          value={content.locale}
          options={named(useSetup().data?.locales ?? [content.locale])}
          wrong={wrong['locale']}
          onValue={(locale) => set({ locale })}
        />
        <ZoneField wrong={wrong['timeZone']} value={content.timeZone} onValue={(timeZone) => set({ timeZone })} />
        <Field
          id="currency"
          label={say.currency}
          maxLength={3}
          wrong={wrong['currency']}
          value={content.currency}
          onValue={(currency) => set({ currency: currency.toUpperCase() })}
        />
        <Select
          id="clock"
          label={say.clock}
          value={content.clock === 12 ? '12' : '24'}
          options={[
            ['24', say.clock24],
            ['12', say.clock12],
          ]}
          onValue={(clock) => set({ clock: clock === '12' ? 12 : 24 })}
        />
        <Select
          id="first-weekday"
          label={say.weeksBeginOn}
          value={content.firstWeekday}
          options={WEEKDAYS}
          onValue={(firstWeekday) => set({ firstWeekday })}
        />
        <LengthField
          id="travel"
          label={say.wayFromOnePlace}
          hint={say.keptFreeBetweenVisits}
          wrong={wrong['travelMinutes']}
          value={content.travelMinutes}
          empty={-1}
          onValue={(travelMinutes) => set({ travelMinutes })}
        />
        <Select
          id="tight-days"
          label={say.tightDays}
          hint={say.tightDaysWhy}
          value={content.tightDays}
          options={[
            ['off', say.tight.off],
            ['mark', say.tight.mark],
            ['only', say.tight.only],
          ]}
          onValue={(tightDays) => set({ tightDays })}
        />
        <Field
          id="tax-number"
          label={say.taxNumber}
          hint={say.standsOnInvoices}
          maxLength={40}
          wrong={wrong['taxNumber']}
          value={content.taxNumber}
          onValue={(taxNumber) => set({ taxNumber })}
        />
        <Select
          id="tax-day"
          label={say.taxDay}
          hint={say.taxDayWhy}
          value={content.taxDay}
          options={[
            ['visited', say.taxDays.visited],
            ['paid', say.taxDays.paid],
            ['booked', say.taxDays.booked],
          ]}
          onValue={(taxDay) => set({ taxDay })}
        />
      </Columns>
    </Fold>
  );
}

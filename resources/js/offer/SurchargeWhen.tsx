import { WeekRuler } from '../hours/WeekRuler';
import { WEEKDAYS, type Weekday } from '../hours/week';
import type { Contents } from '../setup/things';
import { useSetup } from '../setup/useSetup';
import { Button } from '../ui/Button';
import { Columns } from '../ui/Columns';
import { DateField } from '../ui/DateField';
import { Pick } from '../ui/Pick';
import * as say from '@words/offer';

type Content = Contents['surcharge'];
type Props = { content: Content; set: (changes: Partial<Content>) => void; wrong: Readonly<Record<string, string>> };

const isWeekday = (id: string): id is Weekday => WEEKDAYS.some(([key]) => key === id);

/** When a surcharge applies: outside hours drawn on the ruler, on weekdays, on dates. */
export function SurchargeWhen({ content, set, wrong }: Props) {
  const { data } = useSetup();
  switch (content.when) {
    case 'outside_hours':
      return (
        <div className="grid gap-1">
          <p className="font-semibold">{say.hoursWithout}</p>
          <WeekRuler
            id="surcharge"
            table={content.hours ?? data?.openingHours ?? {}}
            onChange={(hours) => set({ hours })}
            empty={say.allDayWith}
            wrong={wrong['hours']}
          />
        </div>
      );
    case 'weekdays':
      return (
        <Pick
          legend={say.weekdays}
          from={WEEKDAYS.map(([id, name]) => ({ id, name }))}
          chosen={content.weekdays}
          onChosen={(weekdays) => set({ weekdays: weekdays.filter(isWeekday) })}
          wrong={wrong['weekdays']}
        />
      );
    case 'dates':
      return <Dates content={content} set={set} wrong={wrong} />;
  }
}

function Dates({ content, set, wrong }: Props) {
  const dates = content.dates.length === 0 ? [''] : content.dates;
  return (
    <Columns of={3}>
      {dates.map((date, i) => (
        <DateField
          key={i}
          id={`surcharge-date-${i + 1}`}
          label={say.dateNumber({ number: i + 1 })}
          value={date}
          wrong={wrong[`dates.${i}`] ?? (i === 0 ? wrong['dates'] : undefined)}
          onValue={(next) =>
            set({ dates: dates.map((one, at) => (at === i ? next : one)).filter((one) => one !== '') })
          }
        />
      ))}
      <div className="flex items-end">
        <Button small onClick={() => set({ dates: [...content.dates, ''] })}>
          {say.oneMoreDate}
        </Button>
      </div>
    </Columns>
  );
}

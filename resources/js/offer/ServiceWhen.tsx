import { WeekRuler } from '../hours/WeekRuler';
import { duration } from '../lib/format';
import { useSetup } from '../setup/useSetup';
import { Check } from '../ui/Check';
import { Field } from '../ui/Field';
import { Fold } from '../ui/Fold';
import { NumberField } from '../ui/NumberField';
import { Pick } from '../ui/Pick';
import { Select } from '../ui/Select';
import type { PartProps } from './ServicePage';
import { first } from './ServiceTime';

const STARTS = [
  ['clock', 'the clock: 9:00, 9:15 …'],
  ['opening', 'the beginning of the open stretch'],
] as const;

/** When it can be booked, and how long before. */
export function ServiceWhen({ content, set, wrong }: PartProps) {
  const { data } = useSetup();
  const limits = [
    content.hours === null ? null : 'hours of its own',
    content.dayparts.length === 0 ? null : 'some parts of the day',
    content.availableFrom === null && content.availableUntil === null ? null : 'some dates',
  ].filter((one) => one !== null);
  return (
    <>
      <Fold
        id="fold-when"
        title="When"
        says={limits.length === 0 ? 'whenever you are open' : limits.join(', ')}
        wrong={['hours', 'dayparts', 'availableFrom', 'availableUntil'].some(
          (field) => first(wrong, field) !== undefined,
        )}
      >
        <Check
          id="service-own-hours"
          checked={content.hours !== null}
          onChange={(own) => set({ hours: own ? (data?.openingHours ?? {}) : null })}
        >
          Only at hours of its own
        </Check>
        {content.hours !== null && (
          <WeekRuler
            id="service"
            table={content.hours}
            onChange={(hours) => set({ hours })}
            empty="not offered"
            within={data?.openingHours ?? null}
            wrong={wrong['hours']}
          />
        )}
        {(data?.dayparts.length ?? 0) > 0 && (
          <Pick
            legend="Only in these parts of the day"
            hint="None chosen: in all of them"
            from={(data?.dayparts ?? []).map((one) => ({ id: one.id, name: `${one.name}, ${one.from}–${one.to}` }))}
            chosen={content.dayparts}
            onChosen={(dayparts) => set({ dayparts })}
            wrong={first(wrong, 'dayparts')}
          />
        )}
        <div className="two">
          <Field
            id="service-from"
            label="First day"
            type="date"
            wrong={wrong['availableFrom']}
            value={content.availableFrom ?? ''}
            onValue={(date) => set({ availableFrom: date === '' ? null : date })}
          />
          <Field
            id="service-until"
            label="Last day"
            type="date"
            wrong={wrong['availableUntil']}
            value={content.availableUntil ?? ''}
            onValue={(date) => set({ availableUntil: date === '' ? null : date })}
          />
        </div>
      </Fold>
      <Fold
        id="fold-starts"
        title="Starts and notice"
        says={`every ${content.startEvery} minutes, ${notice(content.noticeMinutes)}, up to ${content.bookAheadDays} days ahead`}
        wrong={['startEvery', 'noticeMinutes', 'bookAheadDays'].some((field) => first(wrong, field) !== undefined)}
      >
        <div className="two">
          <NumberField
            id="service-startEvery"
            label="Starts every … minutes"
            wrong={wrong['startEvery']}
            value={content.startEvery}
            empty={0}
            onValue={(startEvery) => set({ startEvery })}
          />
          <Select
            id="service-startFrom"
            label="Counted from"
            value={content.startFrom}
            options={STARTS}
            onValue={(startFrom) => set({ startFrom })}
          />
          <NumberField
            id="service-noticeMinutes"
            label="Notice, minutes"
            hint="How long before a start it can still be booked"
            wrong={wrong['noticeMinutes']}
            value={content.noticeMinutes}
            empty={-1}
            onValue={(noticeMinutes) => set({ noticeMinutes })}
          />
          <NumberField
            id="service-bookAheadDays"
            label="Reach, days"
            hint="How far ahead it can be booked"
            wrong={wrong['bookAheadDays']}
            value={content.bookAheadDays}
            empty={-1}
            onValue={(bookAheadDays) => set({ bookAheadDays })}
          />
        </div>
      </Fold>
    </>
  );
}

const notice = (minutes: number): string =>
  minutes <= 0
    ? 'no notice'
    : minutes % 1440 === 0
      ? `${minutes / 1440} days of notice`
      : `${duration(minutes)} of notice`;

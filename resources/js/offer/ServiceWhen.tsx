import { WeekRuler } from '../hours/WeekRuler';
import { counted, duration, timeOfDay } from '../lib/format';
import { useSetup } from '../setup/useSetup';
import { Check } from '../ui/Check';
import { DateField } from '../ui/DateField';
import { Fold } from '../ui/Fold';
import { LengthField } from '../ui/LengthField';
import { Pick } from '../ui/Pick';
import { Select } from '../ui/Select';
import { first, type PartProps } from './service';

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
            from={(data?.dayparts ?? []).map((one) => ({
              id: one.id,
              name: `${one.name}, ${timeOfDay(one.from)}–${timeOfDay(one.to)}`,
            }))}
            chosen={content.dayparts}
            onChosen={(dayparts) => set({ dayparts })}
            wrong={first(wrong, 'dayparts')}
          />
        )}
        <div className="two">
          <DateField
            id="service-from"
            label="First day"
            wrong={wrong['availableFrom']}
            value={content.availableFrom ?? ''}
            onValue={(date) => set({ availableFrom: date === '' ? null : date })}
          />
          <DateField
            id="service-until"
            label="Last day"
            wrong={wrong['availableUntil']}
            value={content.availableUntil ?? ''}
            onValue={(date) => set({ availableUntil: date === '' ? null : date })}
          />
        </div>
      </Fold>
      <Fold
        id="fold-starts"
        title="Starts and notice"
        says={[
          `every ${duration(content.startEvery)}`,
          notice(content.noticeMinutes),
          `up to ${counted(content.bookAheadDays, 'day')} ahead`,
        ].join(', ')}
        wrong={['startEvery', 'noticeMinutes', 'bookAheadDays'].some((field) => first(wrong, field) !== undefined)}
      >
        <div className="two">
          <LengthField
            id="service-startEvery"
            label="Starts every"
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
          <LengthField
            id="service-noticeMinutes"
            label="Notice"
            hint="How long before a start it can still be booked: 2 h, 1 day"
            wrong={wrong['noticeMinutes']}
            value={content.noticeMinutes}
            empty={-1}
            onValue={(noticeMinutes) => set({ noticeMinutes })}
          />
          <LengthField
            days
            id="service-bookAheadDays"
            label="Reach"
            hint="How far ahead it can be booked: 60 days, 8 weeks"
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
      ? `${counted(minutes / 1440, 'day')} of notice`
      : `${duration(minutes)} of notice`;

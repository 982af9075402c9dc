import { Columns } from '../ui/Columns';
import { WeekRuler } from '../hours/WeekRuler';
import { duration, timeOfDay } from '../lib/format';
import { useSetup } from '../setup/useSetup';
import { Check } from '../ui/Check';
import { DateField } from '../ui/DateField';
import { Fold } from '../ui/Fold';
import { LengthField } from '../ui/LengthField';
import { Pick } from '../ui/Pick';
import { Select } from '../ui/Select';
import { first, type PartProps } from './service';
import * as say from '@words/offer';

const STARTS = [
  ['clock', say.startsClock],
  ['opening', say.beginningOpenStretch],
] as const;

/** When it can be booked, and how long before. */
export function ServiceWhen({ content, set, wrong }: PartProps) {
  const { data } = useSetup();
  const limits = [
    content.hours === null ? null : say.hoursItsOwn,
    content.dayparts.length === 0 ? null : say.somePartsDay,
    content.availableFrom === null && content.availableUntil === null ? null : say.someDates,
  ].filter((one) => one !== null);
  return (
    <>
      <Fold
        id="fold-when"
        title={say.when}
        says={limits.length === 0 ? say.wheneverOpen : limits.join(', ')}
        wrong={['hours', 'dayparts', 'availableFrom', 'availableUntil'].some(
          (field) => first(wrong, field) !== undefined,
        )}
      >
        <Check
          id="service-own-hours"
          checked={content.hours !== null}
          onChange={(own) => set({ hours: own ? (data?.openingHours ?? {}) : null })}
        >
          {say.onlyAtHoursIts}
        </Check>
        {content.hours !== null && (
          <WeekRuler
            id="service"
            table={content.hours}
            onChange={(hours) => set({ hours })}
            empty={say.noHours}
            within={data?.openingHours ?? null}
            wrong={wrong['hours']}
          />
        )}
        {(data?.dayparts.length ?? 0) > 0 && (
          <Pick
            legend={say.onlyInTheseParts}
            hint={say.noneChosenInAll}
            from={(data?.dayparts ?? []).map((one) => ({
              id: one.id,
              name: `${one.name}, ${timeOfDay(one.from)}–${timeOfDay(one.to)}`,
            }))}
            chosen={content.dayparts}
            onChosen={(dayparts) => set({ dayparts })}
            wrong={first(wrong, 'dayparts')}
          />
        )}
        <Columns>
          <DateField
            id="service-from"
            label={say.firstDay}
            wrong={wrong['availableFrom']}
            value={content.availableFrom ?? ''}
            onValue={(date) => set({ availableFrom: date === '' ? null : date })}
          />
          <DateField
            id="service-until"
            label={say.lastDay}
            wrong={wrong['availableUntil']}
            value={content.availableUntil ?? ''}
            onValue={(date) => set({ availableUntil: date === '' ? null : date })}
          />
        </Columns>
      </Fold>
      <Fold
        id="fold-starts"
        title={say.startsAndNotice}
        says={[
          say.every({ startEvery: duration(content.startEvery) }),
          notice(content.noticeMinutes),
          say.ahead({ days: content.bookAheadDays }),
        ].join(', ')}
        wrong={['startEvery', 'noticeMinutes', 'bookAheadDays'].some((field) => first(wrong, field) !== undefined)}
      >
        <Columns>
          <LengthField
            id="service-startEvery"
            label={say.startsEvery}
            wrong={wrong['startEvery']}
            value={content.startEvery}
            empty={0}
            onValue={(startEvery) => set({ startEvery })}
          />
          <Select
            id="service-startFrom"
            label={say.countedFrom}
            value={content.startFrom}
            options={STARTS}
            onValue={(startFrom) => set({ startFrom })}
          />
          <LengthField
            id="service-noticeMinutes"
            label={say.notice}
            hint={say.howLongBeforeStart}
            wrong={wrong['noticeMinutes']}
            value={content.noticeMinutes}
            empty={-1}
            onValue={(noticeMinutes) => set({ noticeMinutes })}
          />
          <LengthField
            days
            id="service-bookAheadDays"
            label={say.reach}
            hint={say.howFarAheadCan}
            wrong={wrong['bookAheadDays']}
            value={content.bookAheadDays}
            empty={-1}
            onValue={(bookAheadDays) => set({ bookAheadDays })}
          />
        </Columns>
      </Fold>
    </>
  );
}

const notice = (minutes: number): string =>
  minutes <= 0
    ? say.noNotice
    : minutes % 1440 === 0
      ? say.noticeDays({ days: minutes / 1440 })
      : say.noticeOf({ time: duration(minutes) });

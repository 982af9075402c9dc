import { minuteOfDay } from '../lib/format';
import type { Times } from './types';
import type { Narrowed } from './useNarrowed';
import * as say from '@words/gate';

const PARTS = [
  ['any', say.anyTime],
  ['morning', say.mornings],
  ['afternoon', say.afternoons],
  ['evening', say.evenings],
] as const;

const DAYS = [
  ['weekdays', say.weekdays],
  ['weekends', say.weekends],
] as const;

type Props = {
  times: Times;
  narrowed: Narrowed;
  /** Whether hours are shown as the business's clocks have them, by which one is chosen. */
  hasHours: boolean;
  onNarrow: (changes: Partial<Narrowed>) => void;
};

/** Which of the times are looked at: a part of the day, some days of the week, after an hour. */
export function Narrow({ times, narrowed, hasHours, onNarrow }: Props) {
  const hours: number[] = [];
  for (let minute = times.ruler.from + 60; minute < times.ruler.to; minute += 60) {
    hours.push(minute);
  }
  return (
    <div className="flex flex-wrap items-center gap-2" role="group" aria-label={say.narrowTimes}>
      {PARTS.map(([part, label]) => (
        <button
          key={part}
          type="button"
          className="chip"
          aria-pressed={narrowed.part === part}
          onClick={() => onNarrow({ part })}
        >
          {label}
        </button>
      ))}
      {DAYS.map(([days, label]) => (
        <button
          key={days}
          type="button"
          className="chip"
          aria-pressed={narrowed.days === days}
          onClick={() => onNarrow({ days: narrowed.days === days ? 'any' : days })}
        >
          {label}
        </button>
      ))}
      {hasHours && (
        <select
          id="after"
          className="chip"
          aria-label={say.notBefore}
          value={narrowed.after ?? ''}
          onChange={(event) => onNarrow({ after: event.target.value === '' ? null : Number(event.target.value) })}
        >
          <option value="">{say.fromAnyHour}</option>
          {hours.map((minute) => (
            <option key={minute} value={minute}>
              {say.fromHour({ hour: minuteOfDay(minute) })}
            </option>
          ))}
        </select>
      )}
    </div>
  );
}

import { WEEKDAYS } from '../hours/week';
import { weekday } from '../lib/format';
import { Check } from '../ui/Check';
import { inputLook } from '../ui/inputLook';
import { SmallNumber } from '../ui/SmallNumber';
import { beginningOn, isWorkday, nameOf, OFTEN, oftenOf, weekdayOf, type Repeat } from './repeat';
import * as say from '@words/repeats';

const FIRST = 8;
const MOST = 104;

type Props = {
  /** What the ids of its fields begin with. */
  id: string;
  /** null: once */
  repeat: Repeat | null;
  /** Of the first. */
  date: string;
  onRepeat: (repeat: Repeat | null) => void;
};

/** How often, and how many times or until when. */
export function RepeatPart({ id, repeat: given, date, onRepeat }: Props) {
  const repeat = given === null ? null : beginningOn(given, date);
  const name = repeat === null ? '' : nameOf(repeat);
  const choose = (chosen: string) => {
    const often = OFTEN.find((one) => one === chosen);
    const end = { count: repeat === null ? FIRST : (repeat.count ?? null), until: repeat?.until ?? null };
    onRepeat(often === undefined ? null : { ...oftenOf(often, date), ...end });
  };
  return (
    <>
      <select
        id={`${id}-often`}
        className={inputLook('small')}
        aria-label={say.howOften}
        value={name}
        onChange={(event) => choose(event.target.value)}
      >
        <option value="">{say.once}</option>
        {OFTEN.map((one) => (
          <option key={one} value={one} disabled={one === 'workday' && !isWorkday(date)}>
            {say.often[one]}
          </option>
        ))}
      </select>
      {repeat !== null && name === 'days' && <OnWeekdays id={id} repeat={repeat} date={date} onRepeat={onRepeat} />}
      {repeat !== null && <End id={id} repeat={repeat} date={date} onRepeat={onRepeat} />}
    </>
  );
}

type Part = Props & { repeat: Repeat };

/** Weekdays of a week; that of the first date is always among them. */
function OnWeekdays({ id, repeat, date, onRepeat }: Part) {
  const chosen = repeat.weekdays ?? [];
  const first = weekdayOf(date);
  return (
    <span role="group" aria-label={say.onWeekdays} className="flex flex-wrap gap-x-3">
      {WEEKDAYS.map(([key], day) => (
        <Check
          key={key}
          id={`${id}-${key}`}
          checked={chosen.includes(key)}
          disabled={key === first}
          onChange={(on) =>
            onRepeat({ ...repeat, weekdays: on ? [...chosen, key] : chosen.filter((one) => one !== key) })
          }
        >
          {weekday(day, 'short')}
        </Check>
      ))}
    </span>
  );
}

function End({ id, repeat, date, onRepeat }: Part) {
  const byDate = typeof repeat.until === 'string';
  return (
    <span className="flex flex-wrap items-center gap-1.5">
      {byDate ? (
        <input
          id={`${id}-until`}
          type="date"
          className={inputLook('small')}
          aria-label={say.lastDate}
          min={date}
          value={repeat.until ?? ''}
          onChange={(event) => event.target.value !== '' && onRepeat({ ...repeat, until: event.target.value })}
        />
      ) : (
        <SmallNumber
          id={`${id}-times`}
          label={say.times}
          min={2}
          max={MOST}
          value={repeat.count ?? FIRST}
          onValue={(count) => onRepeat({ ...repeat, count })}
        />
      )}
      <select
        id={`${id}-end`}
        className={inputLook('small')}
        aria-label={say.howLong}
        value={byDate ? 'until' : 'count'}
        onChange={(event) =>
          onRepeat(
            event.target.value === 'until'
              ? { ...repeat, count: null, until: date }
              : { ...repeat, until: null, count: FIRST },
          )
        }
      >
        <option value="count">{say.soManyTimes}</option>
        <option value="until">{say.untilDate}</option>
      </select>
    </span>
  );
}

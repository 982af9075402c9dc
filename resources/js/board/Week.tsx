import type { Schemas } from '../lib/api';
import { dateParts, longDate } from '../lib/format';
import { Hours } from './Hours';
import { LaneBand } from './LaneBand';
import { LanesFrame, type LanesProps } from './Lanes';
import { scaleOf } from './ruler';
import { useColours } from './useColours';
import { useWalk } from './useWalk';
import * as say from '@words/board';
import './Week.css';

type Props = LanesProps & { onDay: (date: string) => void };

/** With more strands than these in a day, a row shows how full the house is, and names are for the day itself. */
const MOST_STRANDS = 10;

/** The day's ruler folded: a row a day, its lanes as strands, so that a free hour is a hole through all of them. */
export function Week({ board, now, chosen, onChoose, fits, named, onStart, onDay }: Props) {
  const zone = board.business.timeZone;
  const first = board.week[0] ?? board;
  const rows = board.week.flatMap((day) =>
    day.lanes.map(({ id }) => ({
      id: `${day.date} ${id}`,
      tags: day.tags.filter((tag) => tag.lanes.includes(id)),
    })),
  );
  const walk = useWalk(rows, onChoose);
  const colours = useColours();
  const dense = board.week.some((day) => day.lanes.length > MOST_STRANDS);
  return (
    <LanesFrame fits={fits.length > 0} count={board.week.reduce((sum, day) => sum + day.tags.length, 0)}>
      <Hours ruler={first.ruler} scale={scaleOf(first.ruler)} zone={zone} now={null} />
      <ol className="week" data-dense={dense}>
        {board.week.map((day) => (
          <li key={day.date} className="week-day" data-today={day.date === board.today} data-quiet={isQuiet(day)}>
            <DayName day={day} shown={day.date === board.date} onDay={onDay} />
            <ul className="week-strands hatched">
              {(isQuiet(day) ? [] : day.lanes).map((lane) => (
                <li key={lane.id} className="week-strand" data-colour={lane.mark?.colour}>
                  {!dense && (
                    <span className="week-whose" title={lane.name} aria-hidden="true">
                      {lane.mark?.initials ?? lane.name}
                    </span>
                  )}
                  <LaneBand
                    thin
                    lift={null}
                    lane={lane}
                    row={`${day.date} ${lane.id}`}
                    day={day}
                    colours={colours}
                    scale={scaleOf(day.ruler)}
                    zone={zone}
                    now={now}
                    chosen={chosen}
                    walk={walk}
                    fits={day.date === board.date ? fits : []}
                    named={named}
                    onChoose={onChoose}
                    onStart={onStart}
                  />
                </li>
              ))}
            </ul>
          </li>
        ))}
      </ol>
    </LanesFrame>
  );
}

function DayName({ day, shown, onDay }: { day: Schemas['BoardDay']; shown: boolean; onDay: (date: string) => void }) {
  const { weekday, day: number } = dateParts(day.date);
  return (
    <button
      type="button"
      className="week-name"
      aria-current={shown ? 'date' : undefined}
      aria-label={say.openDay({ date: longDate(day.date) })}
      onClick={() => onDay(day.date)}
    >
      <b>
        {weekday} {number}
      </b>
      <span className="text-sm text-soft">{say.dayCount({ count: day.tags.length })}</span>
    </button>
  );
}

const isQuiet = (day: Schemas['BoardDay']): boolean =>
  day.tags.length === 0 && day.lanes.every((lane) => lane.open.length === 0);

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

/** In a house with more people than these, whoever is off takes no line of the day. */
const LARGE = 10;

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
  const large = board.lanes.length > LARGE;
  return (
    <LanesFrame fits={fits.length > 0} count={board.week.reduce((sum, day) => sum + day.tags.length, 0)}>
      <Hours ruler={first.ruler} scale={scaleOf(first.ruler)} zone={zone} now={null} />
      <ol className="week" data-large={large}>
        {board.week.map((day) => (
          <li key={day.date} className="week-day" data-today={day.date === board.today} data-quiet={isQuiet(day)}>
            <DayName day={day} shown={day.date === board.date} onDay={onDay} />
            <ul className="week-strands hatched">
              {strandsOf(day, large).map((lane) => (
                <li
                  key={lane.id}
                  className="week-strand"
                  data-colour={lane.badge?.colour}
                  data-slim={!isUsed(lane, day)}
                >
                  <span className="week-whose" title={lane.name} aria-hidden="true">
                    {isUsed(lane, day) && (lane.badge?.initials ?? lane.name)}
                  </span>
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
      className="week-date"
      aria-current={shown ? 'date' : undefined}
      title={say.openDay({ date: longDate(day.date) })}
      onClick={() => onDay(day.date)}
    >
      <b>
        {weekday} {number}
      </b>
      <span className="text-sm text-soft">{say.dayCount({ count: day.tags.length })}</span>
    </button>
  );
}

const isUsed = (lane: Schemas['Lane'], day: Schemas['BoardDay']): boolean =>
  lane.open.length > 0 || day.tags.some((tag) => tag.lanes.includes(lane.id));

const isQuiet = (day: Schemas['BoardDay']): boolean => !day.lanes.some((lane) => isUsed(lane, day));

/** Who is off is a slim line in a small house, and none in a large one. */
const strandsOf = (day: Schemas['BoardDay'], large: boolean): Schemas['Lane'][] =>
  isQuiet(day) ? [] : day.lanes.filter((lane) => !large || isUsed(lane, day));

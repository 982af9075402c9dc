import type { Schemas } from '../lib/api';
import { longDate } from '../lib/format';
import { LaneTable } from './LaneTable';
import * as say from '@words/board';
import './DayTable.css';

type Props = { board: Schemas['Board']; now: string; onChoose: (id: string | null) => void };

/** The lanes of the day, or of each day of the week, as tables in reading order. */
export function DayTable({ board, now, onChoose }: Props) {
  const days = board.week.length > 0 ? board.week : [board];
  return (
    <section className="day-table" aria-label={say.lanes}>
      {days.map((day) => (
        <section key={day.date}>
          {days.length > 1 && <h2>{longDate(day.date)}</h2>}
          {day.tags.every((tag) => tag.state === 'held') && <p className="text-soft">{say.nobodyComes}</p>}
          {day.lanes.map((lane) => (
            <LaneTable key={lane.id} board={board} day={day} lane={lane} now={now} onChoose={onChoose} />
          ))}
        </section>
      ))}
    </section>
  );
}

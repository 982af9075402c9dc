import type { Schemas } from '../lib/api';
import { longDate } from '../lib/format';
import { LaneTable } from './LaneTable';
import { usePrinting } from './usePrinting';
import './DayPrint.css';

/** What is shown as a list for paper, in black and white: a part a lane, a line a visit. Not seen on the screen. */
export function DayPrint({ board, now }: { board: Schemas['Board']; now: string }) {
  const isPrinting = usePrinting();
  const days = board.week.length > 0 ? board.week : [board];
  if (!isPrinting) {
    return null;
  }
  return (
    <div className="day-print" aria-hidden="true">
      <p>{board.business.name}</p>
      {days.map((day) => (
        <section key={day.date}>
          <h1>{longDate(day.date)}</h1>
          {day.lanes.map((lane) => (
            <LaneTable key={lane.id} board={board} day={day} lane={lane} now={now} />
          ))}
        </section>
      ))}
    </div>
  );
}

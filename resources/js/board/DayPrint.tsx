import type { Schemas } from '../lib/api';
import { clock, longDate, money } from '../lib/format';
import { useNames } from '../ui/useNames';
import { usePrinting } from './usePrinting';
import * as say from '@words/board';
import './DayPrint.css';

/** What is shown as a list for paper, in black and white: a part a lane, a line a visit. Not seen on the screen. */
export function DayPrint({ board }: { board: Schemas['Board'] }) {
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
            <PrintLane key={lane.id} board={board} day={day} lane={lane} />
          ))}
        </section>
      ))}
    </div>
  );
}

type LaneProps = { board: Schemas['Board']; day: Schemas['BoardDay']; lane: Schemas['Lane'] };

function PrintLane({ board, day, lane }: LaneProps) {
  const { shown } = useNames();
  const zone = board.business.timeZone;
  const tags = day.tags.filter((tag) => tag.lanes.includes(lane.id) && tag.state !== 'held');
  if (tags.length === 0) {
    return null;
  }
  return (
    <table>
      <caption>{lane.name}</caption>
      <tbody>
        {tags.map((tag) => (
          <tr key={tag.id}>
            <td>{say.fromTo({ from: clock(tag.start, zone), to: clock(tag.end, zone) })}</td>
            <td>
              <b>
                {tag.client === null ? say.places({ taken: tag.taken, places: tag.places ?? 0 }) : shown(tag.client)}
              </b>
            </td>
            <td>{tag.service}</td>
            <td>
              {[
                tag.first ? say.firstVisit : '',
                tag.noted ? say.hasNote : '',
                tag.money === 'due' || tag.money === 'part'
                  ? `${say.due} ${money(tag.price, board.business.currency)}`
                  : '',
              ]
                .filter((word) => word !== '')
                .join(', ')}
            </td>
          </tr>
        ))}
      </tbody>
    </table>
  );
}

import type { Start, Times } from './types';
import * as say from '@words/gate';
import './AlmanacBar.css';

type Props = {
  day: Times['days'][number];
  starts: readonly Start[];
  ruler: Times['ruler'];
  chosen: string | null;
  opened: number | null;
  hour: (start: Start) => string;
  onPick: (start: Start) => void;
  onOpen: (hour: number) => void;
};

/** Minutes from which an hour has no room for two lines. */
const LONG = 11 * 60;

/**
 * A day on the ruler. Each hour is a door, written with its first start: to it where it is the only one, else to all of
 * the day's.
 */
export function AlmanacBar({ day, starts, ruler, chosen, opened, hour: written, onPick, onOpen }: Props) {
  const span = ruler.to - ruler.from;
  const at = (minute: number) => `${(100 * (minute - ruler.from)) / span}%`;
  const hours = Map.groupBy(starts, (start) => Math.floor(start.minute / 60));
  return (
    <div className="bar hatched" data-long={span > LONG}>
      {day.open.map((open) => (
        <span
          key={open.from}
          className="bar-open"
          style={{ left: at(open.from), width: `${(100 * (open.to - open.from)) / span}%` }}
        />
      ))}
      {[...hours].map(([hour, inHour]) => {
        const only = inHour.length === 1 ? inHour[0] : undefined;
        const holds = inHour.some((start) => start.at === chosen);
        const place = { left: at(hour * 60), width: `${6000 / span}%` };
        return only !== undefined ? (
          <button
            key={hour}
            type="button"
            className="door"
            data-stop={`${day.date} ${hour}`}
            style={place}
            aria-pressed={holds}
            onClick={() => onPick(only)}
          >
            {written(only)} <small>{say.starts({ count: 1 })}</small>
          </button>
        ) : (
          <button
            key={hour}
            type="button"
            className="door"
            data-stop={`${day.date} ${hour}`}
            style={place}
            aria-expanded={opened === hour || holds}
            onClick={() => onOpen(hour)}
          >
            {inHour[0] !== undefined && written(inHour[0])} <small>{say.starts({ count: inHour.length })}</small>
          </button>
        );
      })}
    </div>
  );
}

import type { Schemas } from '../lib/api';
import { clock, shortDuration } from '../lib/format';
import { Mark } from '../ui/Mark';
import { Fits, pressedAt } from './Fits';
import { Ground } from './Ground';
import { standingOf } from './standing';
import { Tag } from './Tag';
import { useWalk } from './useWalk';
import * as say from '@words/board';
import './Lanes.css';

type Props = {
  board: Schemas['Board'];
  now: string;
  chosen: string | null;
  onChoose: (id: string | null) => void;
  /** Starts that fit what the desk is asked for, and the one that is named. */
  fits: readonly Schemas['DeskStart'][];
  named: string | null;
  onStart: (staff: string, instant: string) => void;
};

/** People stacked, hours from left to right. */
export function Lanes({ board, now, chosen, onChoose, fits, named, onStart }: Props) {
  const start = Date.parse(board.ruler.start);
  const span = Date.parse(board.ruler.end) - start;
  const at = (instant: string) => (100 * (Math.min(start + span, Math.max(start, Date.parse(instant))) - start)) / span;
  const zone = board.business.timeZone;
  const walk = useWalk(board, onChoose);
  const shows = Date.parse(now) >= start && Date.parse(now) <= start + span;
  return (
    <section aria-label={say.lanes} className="lanes flex min-h-0 min-w-0 flex-col" data-fits={fits.length > 0}>
      <p className="lanes-hint">{say.dayWiderThanThis}</p>
      <div
        className="lanes-scroll flex min-h-0 flex-1 flex-col overflow-x-auto"
        tabIndex={0}
        role="group"
        aria-label={say.dayFromLeftTo}
      >
        <div className="flex min-h-0 min-w-[46rem] flex-1 flex-col">
          <div className="board-grid" aria-hidden="true">
            <span />
            <span className="ruler-hours">
              {board.ruler.ticks.map((tick) => (
                <span
                  key={tick}
                  style={{ left: `${at(tick)}%` }}
                  className={shows && Math.abs(at(tick) - at(now)) < 3 ? 'invisible' : ''}
                >
                  {clock(tick, zone).replace(/:00(?= |$)/, '')}
                </span>
              ))}
            </span>
          </div>
          <div className="relative flex-1">
            <ol className="board-grid h-full gap-y-2" style={{ minHeight: `${board.lanes.length * 4.4}rem` }}>
              {board.lanes.map((lane) => (
                <li key={lane.staff.id} className="contents" data-colour={lane.staff.colour}>
                  <p className="flex items-center gap-2.5 pe-2 leading-tight">
                    <Mark of={lane.staff} />
                    <span className="min-w-0">
                      <b className="block truncate text-[0.95rem]">{lane.staff.name}</b>
                      <span className="text-sm text-soft">{freeWords(lane, board.date < board.today)}</span>
                    </span>
                  </p>
                  <div
                    className="lane-band hatched"
                    role="group"
                    aria-label={lane.staff.name}
                    onClick={(event) => {
                      const instant = pressedAt(event, start, span);
                      if (instant !== null) {
                        onStart(lane.staff.id, instant);
                      }
                    }}
                  >
                    <Ground lane={lane} ticks={board.ruler.ticks} at={at} />
                    <Fits lane={lane} fits={fits} named={named} zone={zone} at={at} onStart={onStart} />
                    {board.tags
                      .filter((tag) => tag.staff.includes(lane.staff.id))
                      .map((tag) => (
                        <Tag
                          key={tag.id}
                          tag={tag}
                          zone={zone}
                          at={at}
                          ruler={{ start, end: start + span }}
                          chosen={chosen === tag.id}
                          focusable={walk.focusable === `${lane.staff.id} ${tag.id}`}
                          lane={lane.staff.id}
                          standing={standingOf(tag, now)}
                          room={roomBeside(board, lane.staff.id, tag, at)}
                          onKey={walk.onKey}
                          onChoose={onChoose}
                        />
                      ))}
                  </div>
                </li>
              ))}
            </ol>
            {shows && (
              <div className="pointer-events-none absolute inset-y-0 start-[10.6rem] end-0" aria-hidden="true">
                <span className="rope" style={{ left: `${at(now)}%` }}>
                  <span>{clock(now, zone)}</span>
                </span>
              </div>
            )}
          </div>
        </div>
      </div>
      <p className="sr-only" role="status">
        {say.bookingsShown({ count: board.tags.length })}
      </p>
    </section>
  );
}

/**
 * Percent of the ruler that is free beside a tag: there its name may stand, where the tag itself is too short for it.
 */
function roomBeside(
  board: Schemas['Board'],
  lane: string,
  tag: Schemas['Tag'],
  at: (instant: string) => number,
): { from: number; width: number } {
  const from = at(tag.takenUntil);
  const next = board.tags
    .filter((other) => other.id !== tag.id && other.staff.includes(lane) && other.takenFrom >= tag.start)
    .map((other) => at(other.takenFrom));
  return { from, width: Math.max(0, Math.min(100, ...next) - from) };
}

function freeWords(lane: Schemas['Lane'], isPast: boolean): string {
  if (lane.open.length === 0) {
    return say.off;
  }
  if (lane.freeMinutes > 0) {
    return say.free({ time: shortDuration(lane.freeMinutes) });
  }
  return isPast ? say.over : say.nothingFree;
}

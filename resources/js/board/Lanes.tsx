import { useRef, type KeyboardEvent, type ReactNode } from 'react';
import type { Schemas } from '../lib/api';
import { clock } from '../lib/format';
import { Ghost, type GhostHandle } from './Ghost';
import { Hours } from './Hours';
import { LaneBand } from './LaneBand';
import { LaneName } from './LaneName';
import { startsOf, stretches, type LanesBy } from './lift';
import { MoveLayer } from './MoveLayer';
import { scaleOf } from './ruler';
import { Strings } from './Strings';
import { useColours } from './useColours';
import { useKey } from '../ui/useKey';
import { useLift } from './useLift';
import { useCursor } from './useCursor';
import { useStroke } from './useStroke';
import { useWalk } from './useWalk';
import * as say from '@words/board';
import './Lanes.css';

export type LanesProps = {
  board: Schemas['Board'];
  now: string;
  chosen: string | null;
  onChoose: (id: string | null) => void;
  /** Starts that fit what the desk is asked for, and the one that is named. */
  fits: readonly Schemas['DeskStart'][];
  named: string | null;
  onStart: (lane: string, instant: string) => void;
};

type DayProps = LanesProps & {
  /** What the lanes are of. */
  by: LanesBy;
  /** Whether tags can be put elsewhere, and over others. */
  moves: boolean;
  double: boolean;
  /** A stretch was drawn on a lane; null where nobody may. */
  onStroke: ((lane: string, from: string, to: string) => void) | null;
  /** Time off was pressed; left out where nobody may change it. */
  onOff: ((staff: string, from: string) => void) | undefined;
};

/** Percent of the ruler from which the rope's own hour would reach beyond its end. */
const LATE = 96;

/** People, places or units stacked, hours from left to right. */
export function Lanes({
  board,
  now,
  chosen,
  onChoose,
  fits,
  named,
  onStart,
  by,
  moves,
  double,
  onStroke,
  onOff,
}: DayProps) {
  const zone = board.business.timeZone;
  const scale = scaleOf(board.ruler);
  const rows = board.lanes.map(({ id }) => ({ id, tags: board.tags.filter((tag) => tag.lanes.includes(id)) }));
  const walk = useWalk(rows, onChoose);
  const colours = useColours();
  const ghost = useRef<GhostHandle>(null);
  const lift = useLift(board.business.slug, board.date, by, scale, (spot) => ghost.current?.put(spot));
  const stroked = useRef<GhostHandle>(null);
  const stroke = useStroke(scale, stroked, (lane, from, to) => onStroke?.(lane, from, to));
  const laneLift = (lane: string) => ({
    up: lift.lifted?.tag.id ?? lift.dropped?.lifted.tag.id ?? null,
    may: lift.lifted === null ? [] : stretches(startsOf(lift.starts, lane, by), lift.lifted.from.length),
    grip: lift.press,
  });
  useKey('m', () => {
    const { lane, tag } = focusedTag();
    const found = board.tags.find(({ id }) => id === tag);
    if (moves && lane !== undefined && found !== undefined) {
      lift.lift(found, lane, 'move');
    }
  });
  const cursor = useCursor({ lanes: board.lanes, scale, now, fits, onStart });
  const on = board.lanes.find(({ id }) => id === cursor.cursor?.lane);
  const said = on === undefined || cursor.cursor === null ? '' : `${on.name}, ${clock(cursor.cursor.at, zone)}`;
  const shows = Date.parse(now) >= scale.start && Date.parse(now) <= scale.end;
  return (
    <LanesFrame
      fits={fits.length > 0}
      count={board.tags.length}
      says={said}
      onKey={cursor.onKey}
      onLeave={cursor.leave}
    >
      <Hours ruler={board.ruler} scale={scale} zone={zone} now={shows ? now : null} />
      <div className="relative flex-1">
        <ol className="flex h-full flex-col gap-2">
          {board.lanes.map((lane) => (
            <li
              key={lane.id}
              className="lane"
              data-colour={lane.badge?.colour}
              data-slim={lane.open.length === 0 && !board.tags.some((tag) => tag.lanes.includes(lane.id))}
            >
              <LaneName lane={lane} isPast={board.date < board.today} />
              <LaneBand
                lane={lane}
                row={lane.id}
                day={board}
                colours={colours}
                scale={scale}
                zone={zone}
                now={now}
                chosen={chosen}
                walk={walk}
                fits={fits}
                named={named}
                lift={moves ? laneLift(lane.id) : null}
                onChoose={onChoose}
                onStart={onStart}
                onGround={onStroke === null ? undefined : stroke.begin}
                onOff={onOff}
                cursor={cursor.cursor?.lane === lane.id ? cursor.cursor.at : null}
              />
            </li>
          ))}
        </ol>
        <Strings board={board} scale={scale} />
        {shows && (
          <div className="pointer-events-none absolute inset-y-0 start-[10.6rem] end-0" aria-hidden="true">
            <span className="rope" style={{ left: `${scale.at(now)}%` }}>
              <span className={scale.at(now) > LATE ? 'at-end' : ''}>{clock(now, zone)}</span>
            </span>
          </div>
        )}
      </div>
      <Ghost ref={stroked} isUp={stroke.isUp} scale={scale} zone={zone} name="" />
      {moves && (
        <MoveLayer
          ref={ghost}
          board={board}
          by={by}
          scale={scale}
          lifted={lift.lifted}
          dropped={lift.dropped}
          double={double}
          onLeave={lift.leave}
        />
      )}
    </LanesFrame>
  );
}

/** Which tag the keys are on. */
const focusedTag = (): DOMStringMap =>
  document.activeElement instanceof HTMLElement ? document.activeElement.dataset : {};

/** Around the lanes: they scroll by themselves where they are wider than the screen. */
type FrameProps = {
  fits: boolean;
  count: number;
  /** Where the keys are. */
  says?: string;
  onKey?: (event: KeyboardEvent<HTMLElement>) => void;
  onLeave?: () => void;
  children: ReactNode;
};

/** One stop on the way through the page: within it the arrows walk. */
export function LanesFrame({ fits, count, says = '', onKey, onLeave, children }: FrameProps) {
  return (
    <section aria-label={say.lanes} className="lanes flex min-h-0 min-w-0 flex-col" data-fits={fits}>
      <p className="lanes-hint">{say.dayWiderThanThis}</p>
      <div
        className="lanes-scroll flex min-h-0 flex-1 flex-col overflow-x-auto"
        tabIndex={0}
        role="group"
        aria-label={say.dayFromLeftTo}
        onKeyDown={onKey}
        onBlur={onLeave}
      >
        <div className="flex min-w-[46rem] flex-[1_0_auto] flex-col">{children}</div>
      </div>
      <p className="sr-only" role="status">
        {says === '' ? say.bookingsShown({ count }) : says}
      </p>
    </section>
  );
}

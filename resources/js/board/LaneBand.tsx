import type { MouseEvent, PointerEvent } from 'react';
import type { Schemas } from '../lib/api';
import { clock } from '../lib/format';
import { Fits } from './Fits';
import { Ground } from './Ground';
import { instantAt, written, type Scale } from './ruler';
import { stacked } from './stack';
import { standingOf } from './standing';
import { Tag } from './Tag';
import type { Grip } from './useGrip';
import type { Walk } from './useWalk';

type Props = {
  lane: Schemas['Lane'];
  /** The lane's, by which the walk knows it. */
  row: string;
  day: Schemas['BoardDay'];
  scale: Scale;
  /** Of people, by id: for tags on lanes that are nobody's. */
  colours: ReadonlyMap<string, string>;
  zone: string;
  now: string;
  chosen: string | null;
  walk: Walk;
  fits: readonly Schemas['DeskStart'][];
  named: string | null;
  /** What is lifted, and where it may hang; null where nothing can be. */
  lift: LaneLift | null;
  /** Whether it is a strand of a week: one line high, without hours. */
  thin?: boolean;
  onChoose: (id: string | null) => void;
  onStart: (lane: string, instant: string) => void;
  /** Where its empty ground is taken hold of. */
  onGround?: ((lane: string, event: PointerEvent<HTMLElement>) => void) | undefined;
  /** Where time off of a person was pressed. */
  onOff?: ((staff: string, from: string) => void) | undefined;
  /** Where the keys are on it; null: elsewhere. */
  cursor?: string | null;
};

export type LaneLift = { up: string | null; may: readonly { from: number; to: number }[]; grip: Grip };

/** A group is moved by its own means, and what has begun stays where it is. */
const isMovable = (tag: Schemas['Tag']): boolean =>
  tag.places === null && (tag.state === 'confirmed' || tag.state === 'pending');

/** A lane on one day's ruler: its ground, what fits, and its tags. */
export function LaneBand(props: Props) {
  const {
    lane,
    row,
    day,
    scale,
    colours,
    zone,
    now,
    chosen,
    walk,
    fits,
    named,
    thin = false,
    lift,
    onChoose,
    onStart,
    onGround,
    onOff,
    cursor = null,
  } = props;
  const tags = day.tags.filter((tag) => tag.lanes.includes(lane.id));
  const rows = stacked(tags);
  const press = (event: MouseEvent<HTMLElement>) => {
    if (event.target instanceof Element && event.target.closest('button') === null) {
      const { left, width } = event.currentTarget.getBoundingClientRect();
      const pressed = instantAt(scale, (event.clientX - left) / width);
      onStart(lane.id, nearestFit(fits, lane.id, pressed) ?? pressed);
    }
  };
  return (
    <div
      className="lane-band hatched"
      data-of={lane.id}
      data-thin={thin}
      role="group"
      aria-label={lane.name}
      onClick={press}
      onPointerDown={(event) => onGround?.(lane.id, event)}
    >
      <Ground
        lane={lane}
        ticks={thin ? [] : day.ruler.ticks}
        at={scale.at}
        onOff={onOff === undefined || lane.badge === null ? undefined : (from) => onOff(lane.id, from)}
      />
      {lift?.may.map(({ from, to }) => (
        <span
          key={from}
          className="lane-may"
          style={{ left: `${scale.at(written(from))}%`, width: `${scale.at(written(to)) - scale.at(written(from))}%` }}
        />
      ))}
      {cursor !== null && (
        <span className="lane-cursor" style={{ left: `${scale.at(cursor)}%` }} aria-hidden="true">
          <span>{clock(cursor, zone)}</span>
        </span>
      )}
      <Fits lane={lane} fits={fits} named={named} zone={zone} at={scale.at} onStart={onStart} />
      {tags.map((tag) => (
        <Tag
          key={tag.id}
          tag={tag}
          zone={zone}
          scale={scale}
          chosen={chosen === tag.id}
          focusable={walk.focusable === `${row} ${tag.id}`}
          lane={row}
          colour={lane.badge === null ? colours.get(tag.staff[0] ?? '') : undefined}
          row={rows.get(tag.id) ?? { row: 0, rows: 1 }}
          standing={standingOf(tag, now)}
          room={roomBeside(tags, tag, scale)}
          thin={thin}
          isLifted={lift?.up === tag.id}
          onGrip={isMovable(tag) ? (lift?.grip ?? null) : null}
          onKey={walk.onKey}
          onChoose={onChoose}
        />
      ))}
    </div>
  );
}

/**
 * Percent of the ruler that is free beside a tag: there its name may stand, where the tag itself is too short for it.
 */
function roomBeside(tags: readonly Schemas['Tag'][], tag: Schemas['Tag'], { at }: Scale) {
  const from = at(tag.takenUntil);
  const next = tags
    .filter((other) => other.id !== tag.id && other.takenFrom >= tag.start)
    .map((other) => at(other.takenFrom));
  return { from, width: Math.max(0, Math.min(100, ...next) - from) };
}

/** Of what the desk is asked for, the start on this lane that lies closest; undefined where nothing is asked for. */
function nearestFit(fits: readonly Schemas['DeskStart'][], lane: string, at: string): string | undefined {
  const apart = (one: Schemas['DeskStart']) => Math.abs(Date.parse(one.at) - Date.parse(at));
  return fits.filter((one) => one.staff.includes(lane)).sort((a, b) => apart(a) - apart(b))[0]?.at;
}

import type { KeyboardEvent } from 'react';
import type { Schemas } from '../lib/api';
import type { Grip } from './useGrip';
import type { Scale } from './ruler';
import type { Row } from './stack';
import type { Standing } from './standing';
import { clock, endClock } from '../lib/format';
import { FIRST, NOTED } from './standing';
import * as say from '@words/board';
import { initials } from '../ui/initials';
import { useNames } from '../ui/useNames';
import './Tag.css';

type Props = {
  tag: Schemas['Tag'];
  zone: string;
  /** What reaches beyond is cut off there. */
  scale: Scale;
  chosen: boolean;
  focusable: boolean;
  lane: string;
  /** Whose it is, where its lane does not say so. */
  colour: string | undefined;
  row: Row;
  /** How it stands, where it is not simply booked. */
  standing: Standing | null;
  /** What is free beside it, in percent of the ruler. */
  room: { from: number; width: number };
  /** Whether it is one line high: a name stands inside it only where all of it fits. */
  thin: boolean;
  isLifted: boolean;
  /** Lifts it to put it elsewhere; null where that cannot be. */
  onGrip: Grip | null;
  onKey: (event: KeyboardEvent<HTMLButtonElement>) => void;
  onChoose: (id: string) => void;
};

const WORDS = {
  paid: say.paid,
  part: say.partPaid,
  due: say.due,
  charging: say.feeUnderWay,
  refunding: say.refundUnderWay,
  refunded: say.paidBack,
  desk: '',
  free: '',
  nothing: '',
  kept: say.feeKept,
} as const;

/** A booking on the line, with hatched caps for set-up and clear-up. */
export function Tag({
  tag,
  zone,
  scale,
  chosen,
  focusable,
  lane,
  colour,
  row,
  standing,
  room,
  thin,
  isLifted,
  onGrip,
  onKey,
  onChoose,
}: Props) {
  const { at } = scale;
  const group = tag.places !== null;
  const { shown, hidden } = useNames();
  const who = group ? tag.service : tag.client === null ? say.beingBookedWord : shown(tag.client);
  const whole = group || hidden;
  const seen = hidden && tag.client !== null ? HIDDEN : who;
  const word = group || tag.state === 'held' ? '' : WORDS[tag.money];
  const runsOn = Date.parse(tag.end) > scale.end ? 'after' : Date.parse(tag.start) < scale.start ? 'before' : undefined;
  const what = group ? say.places({ taken: tag.taken, places: tag.places ?? 0 }) : tag.service;
  const when = say.fromTo({ from: clock(tag.start, zone), to: endClock(tag.start, tag.end, zone) });
  const span = (from: string, to: string) => ({
    left: `${at(from)}%`,
    width: `${at(to) - at(from)}%`,
    ...(row.rows === 1
      ? {}
      : { top: `${(100 * row.row) / row.rows}%`, bottom: `${100 - (100 * (row.row + 1)) / row.rows}%` }),
  });
  const name = whole ? seen : shortened(who);
  const glyphs = [tag.first ? FIRST : '', tag.noted ? NOTED : '', standing?.glyph].join('');
  const width = at(tag.end) - at(tag.start);
  const beside = thin
    ? room.width >= lineOf(name) && width < lineOf(`${name}${glyphs}`)
    : room.width > NAME_NEEDS && isShort(width);
  const besides = [
    tag.first ? say.firstVisit : '',
    tag.noted ? say.hasNote : '',
    tag.double ? say.overOthers : '',
    tag.visit === null ? '' : say.partOfVisit,
    standing?.word ?? '',
  ];
  return (
    <>
      <span className="cap" style={span(tag.takenFrom, tag.start)} />
      <span className="cap" style={span(tag.end, tag.takenUntil)} />
      <button
        type="button"
        className="tag"
        style={span(tag.start, tag.end)}
        data-tag={tag.id}
        data-lane={lane}
        data-colour={colour}
        data-start={tag.start}
        data-state={tag.state}
        data-double={tag.double}
        data-runs-on={runsOn}
        tabIndex={focusable ? 0 : -1}
        aria-pressed={chosen}
        title={[who, what, when, ...besides].filter(Boolean).join(' · ')}
        data-lifted={isLifted}
        data-beside={beside}
        onPointerDown={(event) => onGrip?.(tag, lane, 'move', event)}
        onKeyDown={onKey}
        onClick={() => onChoose(tag.id)}
      >
        <span className="sr-only">{`${[who, what, when, ...besides, word].filter(Boolean).join(', ')}. `}</span>
        <span className="tag-text">
          <span className="tag-glyph" data-tone={standing?.tone} aria-hidden="true">
            {glyphs}
          </span>
          <span className="tag-long tag-full font-bold">{seen}</span>
          <span className="tag-middle font-bold">{name}</span>
          <span className="tag-given font-bold">{whole ? seen : (who.split(' ')[0] ?? who)}</span>
          <span className="tag-long">{what}</span>
          {group && <Pips taken={tag.taken} places={tag.places ?? 0} />}
          {standing !== null && (
            <span className="tag-long tag-standing" data-tone={standing.tone}>
              {standing.word}
            </span>
          )}
          {word !== '' && (
            <span className="tag-long word" data-money={tag.money}>
              {word}
            </span>
          )}
          <span className="tag-short font-bold">{hidden && !group ? HIDDEN : initials(who)}</span>
        </span>
        {onGrip !== null && (
          <span className="tag-pull" aria-hidden="true" onPointerDown={(event) => onGrip(tag, lane, 'length', event)} />
        )}
      </button>
      {beside && (
        <span className="tag-beside" style={{ left: `${room.from}%`, width: `${room.width}%` }} aria-hidden="true">
          <b>{name}</b> {!thin && what}
        </span>
      )}
    </>
  );
}

/** Percent of the ruler below which a tag has no room for a name, and what a name beside it needs. */
const isShort = (width: number): boolean => width < 7;
const NAME_NEEDS = 8;

/** Percent of the ruler that a name takes written on one line. */
const lineOf = (name: string): number => 1.5 + 0.78 * name.length;

/** For a name. */
const HIDDEN = '···';

/** A pip for each place, filled where somebody comes; a line where there are too many to count at a glance. */
function Pips({ taken, places }: { taken: number; places: number }) {
  if (places > 16) {
    return null;
  }
  return (
    <span className="tag-pips" aria-hidden="true">
      {Array.from({ length: places }, (_, i) => (
        <i key={i} data-taken={i < taken} />
      ))}
    </span>
  );
}

/** "Lars P.": who it is, where a whole name does not fit. */
function shortened(name: string): string {
  const words = name.split(' ');
  const last = words.length > 1 ? words.at(-1) : undefined;
  return `${words[0] ?? ''}${last === undefined ? '' : ` ${last.slice(0, 1)}.`}`;
}

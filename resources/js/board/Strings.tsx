import type { Schemas } from '../lib/api';
import type { Scale } from './ruler';
import './Strings.css';

type Props = { board: Schemas['Board']; scale: Scale };

/** The tags of a visit hang on one string, which runs from the end of each to the beginning of the next. */
export function Strings({ board, scale }: Props) {
  const strings = stringsOf(board.tags, board.lanes, scale);
  if (strings.length === 0) {
    return null;
  }
  return (
    <svg className="strings" viewBox={`0 0 100 ${board.lanes.length}`} preserveAspectRatio="none" aria-hidden="true">
      {strings.map((path) => (
        <path key={path} d={path} vectorEffect="non-scaling-stroke" />
      ))}
    </svg>
  );
}

/** Between the middles of their lanes, in percent of the ruler and in lanes from the top. */
export function stringsOf(
  tags: readonly Schemas['Tag'][],
  lanes: readonly Pick<Schemas['Lane'], 'id'>[],
  { at }: Pick<Scale, 'at'>,
): string[] {
  const place = (tag: Schemas['Tag']) => lanes.findIndex(({ id }) => tag.lanes.includes(id)) + 0.5;
  const hung = tags.filter((tag) => tag.visit !== null && place(tag) > 0);
  return hung.flatMap((tag) => {
    const next = hung.find((other) => other.visit === tag.visit && other.start >= tag.end);
    return next === undefined ? [] : [`M${at(tag.end)} ${place(tag)}L${at(next.start)} ${place(next)}`];
  });
}

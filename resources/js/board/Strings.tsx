import { useLayoutEffect, useRef, useState } from 'react';
import type { Schemas } from '../lib/api';
import type { Scale } from './ruler';
import './Strings.css';

type Props = { board: Schemas['Board']; scale: Scale };

/** The tags of a visit hang on one string, which runs from the end of each to the beginning of the next. */
export function Strings({ board, scale }: Props) {
  const hasVisits = board.tags.some((tag) => tag.visit !== null);
  const { svg, middles } = useMiddles(hasVisits, board.lanes.length);
  const strings = stringsOf(board.tags, board.lanes, scale, middles);
  if (!hasVisits) {
    return null;
  }
  return (
    <svg ref={svg} className="strings" viewBox="0 0 100 1" preserveAspectRatio="none" aria-hidden="true">
      {strings.map((path) => (
        <path key={path} d={path} vectorEffect="non-scaling-stroke" />
      ))}
    </svg>
  );
}

/** Where the middles of the lanes are, as parts of their height altogether: slim ones are less high. */
function useMiddles(isShown: boolean, count: number) {
  const svg = useRef<SVGSVGElement>(null);
  const [middles, setMiddles] = useState<readonly number[]>([]);
  useLayoutEffect(() => {
    const parent = svg.current?.parentElement ?? null;
    if (parent === null) {
      return;
    }
    const measure = () => {
      const { top, height } = parent.getBoundingClientRect();
      setMiddles(
        [...parent.querySelectorAll('.lane')].map((lane) => {
          const box = lane.getBoundingClientRect();
          return (box.top + box.height / 2 - top) / Math.max(1, height);
        }),
      );
    };
    measure();
    const watch = new ResizeObserver(measure);
    watch.observe(parent);
    return () => watch.disconnect();
  }, [isShown, count]);
  return { svg, middles };
}

/** Between the middles of their lanes, in percent of the ruler and in parts of the height. */
export function stringsOf(
  tags: readonly Schemas['Tag'][],
  lanes: readonly Pick<Schemas['Lane'], 'id'>[],
  { at }: Pick<Scale, 'at'>,
  middles: readonly number[],
): string[] {
  const place = (tag: Schemas['Tag']) => middles[lanes.findIndex(({ id }) => tag.lanes.includes(id))] ?? 0;
  const hung = tags.filter((tag) => tag.visit !== null && place(tag) > 0);
  return hung.flatMap((tag) => {
    const next = hung.find((other) => other.visit === tag.visit && other.start >= tag.end);
    return next === undefined ? [] : [`M${at(tag.end)} ${place(tag)}L${at(next.start)} ${place(next)}`];
  });
}

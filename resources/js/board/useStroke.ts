import { useState, type PointerEvent, type RefObject } from 'react';
import type { GhostHandle } from './Ghost';
import { instantAt, type Scale } from './ruler';
import { swallowClick } from './swallowClick';

/** Pixels along a lane after which a press is a stroke. */
const SLACK = 12;

type OnStroke = (lane: string, from: string, to: string) => void;

/** Draws a stretch on the empty ground of a lane; on a screen that is touched a press there scrolls instead. */
export function useStroke(scale: Scale, ghost: RefObject<GhostHandle | null>, onStroke: OnStroke) {
  const [isUp, setUp] = useState(false);
  const begin = (lane: string, event: PointerEvent<HTMLElement>) => {
    const onTag = event.target instanceof Element && event.target.closest('button') !== null;
    if (event.button !== 0 || event.pointerType === 'touch' || onTag) {
      return;
    }
    const { left, width } = event.currentTarget.getBoundingClientRect();
    const instant = (x: number) => instantAt(scale, Math.min(1, Math.max(0, (x - left) / width)));
    const first = event.clientX;
    let isStroke = false;
    const ends = (x: number): [string, string] => {
      const [one, other] = [instant(first), instant(x)];
      return one < other ? [one, other] : [other, one];
    };
    const move = (next: globalThis.PointerEvent) => {
      if (!isStroke && Math.abs(next.clientX - first) > SLACK) {
        isStroke = true;
        setUp(true);
      }
      if (isStroke) {
        const [from, to] = ends(next.clientX);
        ghost.current?.put({ lane, start: Date.parse(from), length: Date.parse(to) - Date.parse(from) });
      }
    };
    const up = (last: globalThis.PointerEvent) => {
      window.removeEventListener('pointermove', move);
      window.removeEventListener('pointerup', up);
      setUp(false);
      const [from, to] = ends(last.clientX);
      if (isStroke && from !== to) {
        swallowClick();
        onStroke(lane, from, to);
      }
    };
    window.addEventListener('pointermove', move);
    window.addEventListener('pointerup', up);
  };
  return { isUp, begin };
}

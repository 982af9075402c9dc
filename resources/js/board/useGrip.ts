import type { PointerEvent } from 'react';
import type { Schemas } from '../lib/api';
import { aimOf, bandsOf } from './aim';
import type { Lifted } from './lift';
import type { Scale } from './ruler';

/** Pixels that a pointer goes before a press is a pull, and ms that a finger rests on a tag before it lifts it. */
const SLACK = 6;
const REST = 400;

type Lift = (tag: Schemas['Tag'], lane: string, kind: Lifted['kind'], grabbed: number) => void;

export type Grip = (tag: Schemas['Tag'], lane: string, kind: Lifted['kind'], event: PointerEvent) => void;

/** What becomes of a pressed tag: lifted, once the pointer has gone far enough or the finger has rested on it. */
export function useGrip(scale: Scale, lift: Lift): Grip {
  return (tag, lane, kind, event) => {
    if (event.button !== 0) {
      return;
    }
    event.stopPropagation();
    const { clientX, clientY, pointerType } = event;
    const isTouch = pointerType === 'touch';
    const go = () => {
      end();
      const at = aimOf(bandsOf(), scale, clientX, clientY)?.at;
      lift(tag, lane, kind, at === undefined ? 0 : at - Date.parse(kind === 'move' ? tag.start : tag.end));
    };
    const move = (next: globalThis.PointerEvent) => {
      if (Math.hypot(next.clientX - clientX, next.clientY - clientY) > SLACK) {
        (isTouch ? end : go)();
      }
    };
    const rest = isTouch ? window.setTimeout(go, REST) : 0;
    const end = () => {
      window.clearTimeout(rest);
      window.removeEventListener('pointermove', move);
      window.removeEventListener('pointerup', end);
      window.removeEventListener('pointercancel', end);
    };
    window.addEventListener('pointermove', move);
    window.addEventListener('pointerup', end);
    window.addEventListener('pointercancel', end);
  };
}

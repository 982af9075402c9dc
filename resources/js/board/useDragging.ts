import { useEffect, useRef } from 'react';
import { dayUnder } from './aim';
import type { Lifted, Spot } from './lift';
import { swallowClick } from './swallowClick';

type Does = {
  lifted: Lifted | null;
  aim: (x: number, y: number) => Spot | null;
  put: (spot: Spot) => void;
  drop: (spot: Spot, day: string | null) => void;
  leave: () => void;
};

/** While a tag is up it follows the pointer, once a frame; let go, it is put down on a lane or a day of the ribbon. */
export function useDragging(does: Does) {
  const latest = useRef(does);
  useEffect(() => {
    latest.current = does;
  });
  const { lifted } = does;
  useEffect(() => {
    if (lifted === null) {
      return;
    }
    let frame = 0;
    let last: Spot = lifted.from;
    const move = (event: globalThis.PointerEvent) => {
      window.cancelAnimationFrame(frame);
      frame = window.requestAnimationFrame(() => {
        const spot = latest.current.aim(event.clientX, event.clientY);
        if (spot !== null) {
          last = spot;
          latest.current.put(spot);
        }
      });
    };
    const up = (event: globalThis.PointerEvent) => {
      window.cancelAnimationFrame(frame);
      const { aim, drop } = latest.current;
      const day = lifted.kind === 'move' ? dayUnder(event.clientX, event.clientY) : null;
      drop(day === null ? (aim(event.clientX, event.clientY) ?? last) : lifted.from, day);
    };
    const still = (event: Event) => event.preventDefault();
    const cancel = () => latest.current.leave();
    window.addEventListener('pointermove', move);
    window.addEventListener('pointerup', up);
    window.addEventListener('pointercancel', cancel);
    window.addEventListener('touchmove', still, { passive: false });
    return () => {
      window.cancelAnimationFrame(frame);
      window.removeEventListener('pointermove', move);
      window.removeEventListener('pointerup', up);
      window.removeEventListener('pointercancel', cancel);
      window.removeEventListener('touchmove', still);
      swallowClick();
    };
  }, [lifted]);
}

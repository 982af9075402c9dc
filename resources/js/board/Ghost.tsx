import { useCallback, useEffect, useImperativeHandle, useRef, type Ref } from 'react';
import { clock } from '../lib/format';
import { bandsOf } from './aim';
import type { Spot } from './lift';
import { written, type Scale } from './ruler';
import './Ghost.css';

export type GhostHandle = { put: (spot: Spot) => void };

type Props = { ref: Ref<GhostHandle>; isUp: boolean; scale: Scale; zone: string; name: string };

/** The lifted tag: it is moved by its style alone, so that it follows the hand however full the day is. */
export function Ghost({ ref, isUp, scale, zone, name }: Props) {
  const box = useRef<HTMLDivElement>(null);
  const time = useRef<HTMLElement>(null);
  // where lanes lie is measured once a pull: asking while something moves would lay the page out for every frame
  const bands = useRef<ReturnType<typeof bandsOf> | null>(null);
  const last = useRef<Spot | null>(null);
  const { start: from, end: until } = scale;
  const put = useCallback(
    (spot: Spot) => {
      const { lane, start, length } = spot;
      last.current = spot;
      bands.current ??= bandsOf();
      const band = bands.current.find((one) => one.lane === lane)?.box;
      if (box.current !== null && time.current !== null && band !== undefined) {
        const perMs = band.width / (until - from);
        const { style } = box.current;
        style.transform = `translate(${band.left + (start - from) * perMs}px, ${band.top}px)`;
        style.width = `${length * perMs}px`;
        style.height = `${band.height}px`;
        time.current.textContent = `${clock(written(start), zone)} – ${clock(written(start + length), zone)}`;
      }
    },
    [from, until, zone],
  );
  useImperativeHandle(ref, () => ({ put }), [put]);
  useEffect(() => {
    const follow = () => {
      bands.current = null;
      if (isUp && last.current !== null) {
        put(last.current);
      }
    };
    bands.current = null;
    window.addEventListener('scroll', follow, true);
    return () => window.removeEventListener('scroll', follow, true);
  }, [isUp, put]);
  return (
    <div ref={box} className="ghost" hidden={!isUp} aria-hidden="true">
      <b ref={time} />
      <span>{name}</span>
    </div>
  );
}

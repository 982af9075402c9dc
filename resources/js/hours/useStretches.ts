import { useRef, useState, type KeyboardEvent, type PointerEvent } from 'react';
import { DAY, type Span } from './hours';

const SNAP = 15; // minutes; with Alt held, 5

type Drag = { mode: 'draw' | 'start' | 'end' | 'move'; index: number; anchor: number; first: Span };
type Axis = { from: number; to: number };

/**
 * What pointer and keys do to the stretches of one day's bar: drawing on empty ground, pulling an end, moving. Answers
 * with the props of the bar, of a stretch and of its two ends; draws nothing.
 */
export function useStretches(stretches: readonly Span[], axis: Axis, onChange: (spans: Span[]) => void) {
  const bar = useRef<HTMLDivElement>(null);
  const [drag, setDrag] = useState<Drag | null>(null);
  const [pulled, setPulled] = useState<Span | null>(null);
  const [chosen, setChosen] = useState<number | null>(null);

  const minuteAt = (event: PointerEvent): number => {
    const box = bar.current?.getBoundingClientRect();
    const share = box === undefined || box.width === 0 ? 0 : (event.clientX - box.left) / box.width;
    const step = event.altKey ? 5 : SNAP;
    const minute = axis.from + share * (axis.to - axis.from);
    return Math.min(axis.to, Math.max(axis.from, Math.round(minute / step) * step));
  };
  const begin = (event: PointerEvent, mode: Drag['mode'], index: number, first: Span) => {
    event.stopPropagation();
    bar.current?.setPointerCapture(event.pointerId);
    setDrag({ mode, index, anchor: minuteAt(event), first });
    setPulled(first);
  };
  const follow = (event: PointerEvent) => {
    if (drag === null) {
      return;
    }
    const at = minuteAt(event);
    const { first, anchor } = drag;
    const by = at - anchor;
    if (drag.mode === 'draw') {
      setPulled({ ...first, from: Math.min(anchor, at), to: Math.max(anchor, at) });
    } else if (drag.mode === 'start') {
      setPulled({ ...first, from: Math.min(at, first.to - 5) });
    } else if (drag.mode === 'end') {
      setPulled({ ...first, to: Math.max(at, first.from + 5) });
    } else {
      const shift = Math.max(-first.from, Math.min(by, DAY - Math.min(DAY, first.to)));
      setPulled({ ...first, from: first.from + shift, to: first.to + shift });
    }
  };
  const put = (index: number, one: Span | null) => {
    const next = stretches.flatMap((other, i) => (i === index ? (one === null ? [] : [one]) : [other]));
    onChange(index >= stretches.length && one !== null ? [...next, one] : next);
  };
  const drop = () => {
    if (drag !== null && pulled !== null && pulled.to > pulled.from) {
      const { index, first } = drag;
      if (pulled.from !== first.from || pulled.to !== first.to) {
        put(index, pulled);
      }
      setChosen(drag.mode === 'draw' ? null : index);
    }
    setDrag(null);
    setPulled(null);
  };
  const key = (event: KeyboardEvent, index: number, end: 'from' | 'to') => {
    const one = stretches[index];
    const by = { ArrowLeft: -1, ArrowDown: -1, ArrowRight: 1, ArrowUp: 1, PageUp: 4, PageDown: -4 }[event.key];
    if (one === undefined) {
      return;
    }
    if (event.key === 'Delete' || event.key === 'Backspace') {
      event.preventDefault();
      put(index, null);
    } else if (by !== undefined) {
      event.preventDefault();
      const moved = one[end] + by * (event.altKey ? 5 : SNAP);
      const next = { ...one, [end]: moved };
      if (next.from >= 0 && next.from < DAY && next.to > next.from && next.to - next.from <= DAY) {
        put(index, next);
      }
    }
  };

  return {
    chosen,
    choose: setChosen,
    put,
    shown: drag === null || pulled === null ? stretches : stretches.map((one, i) => (i === drag.index ? pulled : one)),
    drawn: drag?.mode === 'draw' ? pulled : null,
    barProps: {
      ref: bar,
      onPointerDown: (event: PointerEvent) => {
        const at = minuteAt(event);
        begin(event, 'draw', stretches.length, { from: at, to: at });
      },
      onPointerMove: follow,
      onPointerUp: drop,
      onPointerCancel: drop,
    },
    stretchProps: (index: number, one: Span) => ({
      onPointerDown: (event: PointerEvent) => begin(event, 'move', index, one),
    }),
    endProps: (index: number, one: Span, end: 'from' | 'to') => ({
      onPointerDown: (event: PointerEvent) => begin(event, end === 'from' ? 'start' : 'end', index, one),
      onKeyDown: (event: KeyboardEvent) => key(event, index, end),
      onFocus: () => setChosen(index),
    }),
  };
}

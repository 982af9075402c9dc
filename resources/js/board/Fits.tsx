import type { MouseEvent } from 'react';
import type { Schemas } from '../lib/api';
import { clock } from '../lib/format';
import * as say from '@words/board';

type Props = {
  lane: Schemas['Lane'];
  fits: readonly Schemas['DeskStart'][];
  named: string | null;
  zone: string;
  at: (instant: string) => number;
  onStart: (staff: string, instant: string) => void;
};

/** On a lane: the starts at which this person could take what is asked for. By keys they are beneath the sentence. */
export function Fits({ lane, fits, named, zone, at, onStart }: Props) {
  return fits
    .filter((start) => start.staff.includes(lane.staff.id))
    .map((start) => (
      <button
        key={start.at}
        type="button"
        className="fit"
        style={{ left: `${at(start.at)}%` }}
        tabIndex={-1}
        aria-pressed={start.at === named}
        aria-label={say.fitsAt({ at: clock(start.at, zone), who: lane.staff.name })}
        title={clock(start.at, zone)}
        onClick={() => onStart(lane.staff.id, start.at)}
      />
    ));
}

const STEP_MS = 300_000; // five minutes: nearer nobody presses

/** The instant at which an empty stretch of a lane was pressed; null where something on it was. */
export function pressedAt(event: MouseEvent<HTMLElement>, start: number, span: number): string | null {
  if (event.target instanceof Element && event.target.closest('button') !== null) {
    return null;
  }
  const { left, width } = event.currentTarget.getBoundingClientRect();
  const pressed = start + ((event.clientX - left) / width) * span;
  return new Date(Math.floor(pressed / STEP_MS) * STEP_MS).toISOString().replace(/:00\.000Z$/, 'Z');
}

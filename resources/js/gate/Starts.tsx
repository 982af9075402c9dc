import { useEffect, useRef } from 'react';
import { PART_NAMES, PARTS } from './parts';
import type { Start } from './types';
import * as say from '@words/gate';

type Props = {
  starts: readonly Start[];
  /** The hour of the day, or on a phone the part of the day (0 to 2), whose first start gets the focus. */
  from: number;
  chosen: string | null;
  hour: (start: Start) => string;
  onPick: (start: Start) => void;
};

/** A day opened: every start as a button, by part of the day. */
export function Starts({ starts, from, chosen, hour, onPick }: Props) {
  const box = useRef<HTMLDivElement>(null);
  const part = from <= 2 ? PARTS[from] : undefined;
  const first = starts.find((start) => (part === undefined ? start.minute >= from * 60 : start.part === part))?.at;
  useEffect(() => {
    box.current?.scrollIntoView({ block: 'nearest' });
    box.current?.querySelector<HTMLButtonElement>(`[data-at="${first ?? ''}"]`)?.focus();
  }, [first]);
  const shown = PARTS.filter((one) => starts.some((start) => start.part === one));
  return (
    <div ref={box} className="mt-1.5 grid gap-2 rounded-xl border border-line bg-paper p-3 md:ml-[9.5rem]">
      {shown.map((one) => (
        <div
          key={one}
          className="flex flex-wrap items-center gap-1.5"
          role="group"
          aria-label={PART_NAMES[one]}
          data-row={one}
        >
          <span className="w-20 text-sm text-soft">{PART_NAMES[one]}</span>
          <span className="flex flex-1 flex-wrap gap-1.5">
            {starts
              .filter((start) => start.part === one)
              .map((start) => (
                <button
                  key={start.at}
                  type="button"
                  data-at={start.at}
                  data-stop={start.at}
                  className="start"
                  aria-pressed={start.at === chosen}
                  onClick={() => onPick(start)}
                >
                  {hour(start)}
                  {start.suits === true && (
                    <>
                      <span className="suits" aria-hidden="true" />
                      <span className="sr-only">{say.suitsBest}</span>
                    </>
                  )}
                  {start.places !== null && <small>{say.left({ places: start.places })}</small>}
                </button>
              ))}
          </span>
        </div>
      ))}
    </div>
  );
}

import type { Schemas } from '../lib/api';
import * as say from '@words/board';

type Props = {
  lane: Schemas['Lane'];
  ticks: readonly string[];
  at: (instant: string) => number;
  /** Where time off can be changed from here: it was pressed, and begins then. */
  onOff: ((from: string) => void) | undefined;
};

/** What lies beneath the tags of a lane: open time, breaks, time off, what is busy elsewhere, the hours. */
export function Ground({ lane, ticks, at, onOff }: Props) {
  const stretch = (from: string, to: string) => ({ left: `${at(from)}%`, width: `${at(to) - at(from)}%` });
  const out = lane.badge === null ? say.outOfOrder : say.timeOff;
  return (
    <>
      {lane.open.map((open) => (
        <span key={open.from} className="lane-open" style={stretch(open.from, open.to)} />
      ))}
      {lane.breaks.map((pause) => (
        <span key={pause.from} className="lane-break" style={stretch(pause.from, pause.to)} title={say.breakTime} />
      ))}
      {lane.off.map((off) =>
        onOff === undefined ? (
          <span key={off.from} className="lane-off" style={stretch(off.from, off.to)} title={out}>
            <span>{out}</span>
          </span>
        ) : (
          <button
            key={off.from}
            type="button"
            className="lane-off"
            style={stretch(off.from, off.to)}
            title={out}
            onClick={() => onOff(off.from)}
          >
            <span>{out}</span>
          </button>
        ),
      )}
      {lane.busy.map((busy) => (
        <span key={busy.from} className="lane-off" style={stretch(busy.from, busy.to)} title={say.busyElsewhere}>
          <span>{say.elsewhere}</span>
        </span>
      ))}
      {ticks.slice(1, -1).map((tick) => (
        <span key={tick} className="lane-hour" style={{ left: `${at(tick)}%` }} />
      ))}
    </>
  );
}

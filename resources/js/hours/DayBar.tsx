import { minuteOfDay } from '../lib/format';
import { DAY, outside, shortClock, type Span } from './hours';
import { useStretches } from './useStretches';
import * as say from '@words/hours';
import './DayBar.css';

type Props = {
  name: string;
  stretches: readonly Span[];
  axis: { from: number; to: number };
  within: readonly Span[] | null;
  places: readonly { id: string; name: string }[];
  onChange: (spans: Span[]) => void;
};

/** One day on the ruler: draw on empty ground, pull an end, take hold of the middle; the same with arrow keys. */
export function DayBar({ name, stretches, axis, within, places, onChange }: Props) {
  const bar = useStretches(stretches, axis, onChange);
  const wide = axis.to - axis.from;
  const left = (minute: number) => `${(100 * (Math.min(axis.to, Math.max(axis.from, minute)) - axis.from)) / wide}%`;
  const box = (one: Span) => ({ left: left(one.from), right: `calc(100% - ${left(one.to)})` });
  const chosen = bar.chosen === null ? undefined : bar.shown[bar.chosen];
  const index = bar.chosen ?? 0;
  return (
    <div>
      <div className="day-bar hatched" {...bar.barProps}>
        {bar.shown.map((one, i) => (
          <div
            key={i}
            className="stretch"
            style={box(one)}
            data-chosen={bar.chosen === i}
            {...bar.stretchProps(i, one)}
          >
            {(['from', 'to'] as const).map((end) => (
              <button
                key={end}
                type="button"
                role="slider"
                className="stretch-end"
                data-end={end}
                aria-label={(end === 'from' ? say.endBegins : say.endEnds)({ day: name })}
                aria-valuemin={0}
                aria-valuemax={2 * DAY}
                aria-valuenow={one[end]}
                aria-valuetext={
                  one[end] > DAY ? say.endsNextDay({ time: minuteOfDay(one[end] % DAY) }) : minuteOfDay(one[end] % DAY)
                }
                {...bar.endProps(i, one, end)}
              />
            ))}
            <span className="stretch-says" aria-hidden="true">
              {shortClock(one.from)}–{shortClock(one.to)}
              {one.to > DAY ? ' ▸' : ''}
              {one.at === undefined ? '' : ` ${places.find((place) => place.id === one.at)?.name ?? ''}`}
            </span>
          </div>
        ))}
        {bar.drawn !== null && <div className="stretch stretch-drawn" style={box(bar.drawn)} />}
        {within !== null &&
          outside(bar.shown, within).map((one) => (
            <div key={`${one.from} ${one.to}`} className="stretch-cut" style={box(one)} />
          ))}
      </div>
      {chosen !== undefined && (
        <p className="stretch-tools">
          <span>
            {name} {minuteOfDay(chosen.from % DAY)}–{minuteOfDay(chosen.to % DAY)}
          </span>
          {places.length > 1 && (
            <select
              aria-label={say.countsFor}
              value={chosen.at ?? ''}
              onChange={(event) =>
                bar.put(index, {
                  from: chosen.from,
                  to: chosen.to,
                  ...(event.target.value === '' ? {} : { at: event.target.value }),
                })
              }
            >
              <option value="">{say.anywhere}</option>
              {places.map((place) => (
                <option key={place.id} value={place.id}>
                  {say.only({ name: place.name })}
                </option>
              ))}
            </select>
          )}
          <button
            type="button"
            disabled={chosen.to - chosen.from < 60}
            onClick={() => onChange(split(stretches, index))}
          >
            {say.split}
          </button>
          <button
            type="button"
            onClick={() => {
              bar.put(index, null);
              bar.choose(null);
            }}
          >
            {say.remove}
          </button>
          <button type="button" onClick={() => bar.choose(null)}>
            {say.done}
          </button>
        </p>
      )}
    </div>
  );
}

/** In two, with half an hour between. */
function split(stretches: readonly Span[], index: number): Span[] {
  return stretches.flatMap((one, i) => {
    const middle = Math.round((one.from + one.to) / 2 / 15) * 15;
    return i === index
      ? [
          { ...one, to: middle - 15 },
          { ...one, from: middle + 15 },
        ]
      : [one];
  });
}

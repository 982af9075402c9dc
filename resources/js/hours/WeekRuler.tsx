import { Menu, MenuButton, MenuItem, MenuItems } from '@headlessui/react';
import { useState } from 'react';
import { inputLook } from '../ui/inputLook';
import { Wrong } from '../ui/Wrong';
import { hourOfDay, minuteOfDay } from '../lib/format';
import { DayBar } from './DayBar';
import { axisOf, copied, DAY, outside, readHours, spans, windowsOf } from './hours';
import { shortWeekday, WEEKDAYS, writeHours, type Table, type Weekday, type Window } from './week';
import * as say from '@words/hours';
import './WeekRuler.css';

type Props = {
  id: string;
  table: Table;
  onChange: (table: Table) => void;
  /** What a day without stretches is called: closed, off, none. */
  empty: string;
  /** Opening hours beyond which nothing counts: what lies outside is shown cut off. */
  within?: Table | null;
  /** Locations that a stretch may count for alone. */
  places?: readonly { id: string; name: string }[];
  wrong?: string | undefined;
};

/** Seven days on one ruler, drawn, pulled and split by hand or keys, and typed: "9-12:30, 13:30-18", "22-6". */
export function WeekRuler({ id, table, onChange, empty, within = null, places = [], wrong }: Props) {
  const axis = axisOf([table, within]);
  const put = (key: Weekday, windows: Window[]) => onChange({ ...table, [key]: windows });
  const cut =
    within === null
      ? []
      : WEEKDAYS.flatMap(([key, name]) =>
          outside(spans(table[key]), spans(within[key])).map(
            (one) => `${name} ${minuteOfDay(one.from % DAY)}–${minuteOfDay(one.to % DAY)}`,
          ),
        );
  return (
    <div className="week-ruler">
      <div className="week-row" aria-hidden="true">
        <span />
        <Hours from={axis.from} to={axis.to} />
      </div>
      {WEEKDAYS.map(([key, name]) => (
        <div key={key} className="week-row">
          <label htmlFor={`${id}-${key}`} className="week-name">
            <span aria-hidden="true">{shortWeekday(key)}</span>
            <span className="sr-only">{say.typed({ day: name })}</span>
          </label>
          <DayBar
            name={name}
            stretches={spans(table[key])}
            axis={axis}
            within={within === null ? null : spans(within[key])}
            places={places}
            onChange={(next) => put(key, windowsOf(next))}
          />
          <Typed
            id={`${id}-${key}`}
            windows={table[key] ?? []}
            empty={empty}
            onWindows={(windows) => put(key, windows)}
          />
          <CopyMenu day={key} name={name} onCopy={(to) => onChange(copied(table, key, to))} />
        </div>
      ))}
      {cut.length > 0 && <p className="week-cut">{say.outsideOpeningHoursSo({ list: cut.join(', ') })}</p>}
      {wrong !== undefined && (
        <Wrong as="p" role="alert">
          {wrong}
        </Wrong>
      )}
    </div>
  );
}

/** The hours above the bars. */
export function Hours({ from, to }: { from: number; to: number }) {
  const step = to - from > 16 * 60 ? 4 : 2;
  const ticks = Array.from({ length: (to - from) / 60 + 1 }, (_, i) => from / 60 + i).filter(
    (hour) => hour % step === 0,
  );
  return (
    <div className="ruler-hours">
      {ticks.map((hour) => (
        <span key={hour} style={{ left: `${(100 * (hour * 60 - from)) / (to - from)}%` }}>
          {hourOfDay(hour)}
        </span>
      ))}
    </div>
  );
}

type TypedProps = { id: string; windows: readonly Window[]; empty: string; onWindows: (windows: Window[]) => void };

/** The same stretches as text. What cannot be read stays as it was typed, and changes nothing. */
function Typed({ id, windows, empty, onWindows }: TypedProps) {
  const [typed, setTyped] = useState<string | null>(null);
  const read = typed === null ? null : readHours(typed);
  const broken = typed !== null && read === null;
  return (
    <div>
      <input
        id={id}
        className={inputLook('hours')}
        value={typed ?? writeHours(windows)}
        placeholder={empty}
        aria-invalid={broken}
        aria-describedby={broken ? `${id}-wrong` : undefined}
        onChange={(event) => {
          setTyped(event.target.value);
          const next = readHours(event.target.value);
          if (next !== null) {
            onWindows(keepPlaces(next, windows));
          }
        }}
        onBlur={() => setTyped((now) => (now !== null && readHours(now) === null ? now : null))}
      />
      {broken && (
        <Wrong role="alert" id={`${id}-wrong`}>
          {say.typedHelp({ empty })}
        </Wrong>
      )}
    </div>
  );
}

/** A stretch typed as it was goes on counting for the place it counted for. */
const keepPlaces = (next: readonly Window[], before: readonly Window[]): Window[] =>
  next.map((one) => before.find((other) => other.from === one.from && other.to === one.to) ?? one);

function CopyMenu({ day, name, onCopy }: { day: Weekday; name: string; onCopy: (to: readonly Weekday[]) => void }) {
  const others = WEEKDAYS.map(([key]) => key).filter((key) => key !== day);
  const work = others.filter((key) => key !== 'sat' && key !== 'sun');
  return (
    <Menu>
      <MenuButton className="week-copy" aria-label={say.copyToOtherDays({ name })}>
        {say.copy}
      </MenuButton>
      <MenuItems className="menu" anchor="bottom end">
        <MenuItem>
          <button type="button" onClick={() => onCopy(work)}>
            {work.length === 4 ? say.toOtherWorkingDays : say.toWorkingDays}
          </button>
        </MenuItem>
        <MenuItem>
          <button type="button" onClick={() => onCopy(others)}>
            {say.toEveryDay}
          </button>
        </MenuItem>
        {WEEKDAYS.filter(([key]) => key !== day).map(([key, other]) => (
          <MenuItem key={key}>
            <button type="button" onClick={() => onCopy([key])}>
              {say.copyToDay({ other })}
            </button>
          </MenuItem>
        ))}
      </MenuItems>
    </Menu>
  );
}

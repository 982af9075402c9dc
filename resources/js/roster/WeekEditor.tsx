import { useState } from 'react';
import { minutes, readHours, WEEKDAYS, writeHours, type Table, type Window } from './hours';

type Props = { id: string; table: Table; onChange: (table: Table) => void; empty: string };

const FROM = 6 * 60;
const TO = 22 * 60;

/** Seven days, each typed ("9-12:30, 13:30-18") and drawn on the ruler as it is typed. */
export function WeekEditor({ id, table, onChange, empty }: Props) {
  const [typed, setTyped] = useState<Readonly<Record<string, string>>>(() =>
    Object.fromEntries(WEEKDAYS.map(([key]) => [key, writeHours(table[key])])),
  );
  const put = (changes: Readonly<Record<string, string>>) => {
    const all = { ...typed, ...changes };
    setTyped(all);
    const next: Table = {};
    for (const [key] of WEEKDAYS) {
      const windows = readHours(all[key] ?? '');
      if (windows === null) {
        return;
      }
      next[key] = windows;
    }
    onChange(next);
  };
  return (
    <div className="grid gap-1.5">
      {WEEKDAYS.map(([key, name], i) => {
        const value = typed[key] ?? '';
        const windows = readHours(value);
        return (
          <div
            key={key}
            className="grid grid-cols-[6.2rem_13rem_minmax(0,1fr)] items-center gap-3 max-sm:grid-cols-[6.2rem_1fr]"
          >
            <label htmlFor={`${id}-${key}`} className="font-semibold">
              {name}
            </label>
            <input
              id={`${id}-${key}`}
              className="input min-h-9!"
              value={value}
              placeholder={empty}
              aria-invalid={windows === null}
              aria-describedby={windows === null ? `${id}-${key}-wrong` : undefined}
              onChange={(event) => put({ [key]: event.target.value })}
            />
            <Bar windows={windows ?? []} />
            {windows === null && (
              <span className="wrong col-span-full" role="alert" id={`${id}-${key}-wrong`}>
                Hours are typed like 9-12:30, 13:30-18. Nothing typed: {empty}.
              </span>
            )}
            {i === 0 && value !== '' && WEEKDAYS.slice(1, 5).some(([other]) => typed[other] !== value) && (
              <button
                type="button"
                className="button button-small col-start-2 justify-self-start"
                onClick={() => put(Object.fromEntries(WEEKDAYS.slice(1, 5).map(([other]) => [other, value])))}
              >
                The same Tuesday to Friday
              </button>
            )}
          </div>
        );
      })}
    </div>
  );
}

/** The stretches of a day drawn between 6 and 22 o'clock; one past midnight is cut at the end. */
function Bar({ windows }: { windows: readonly Window[] }) {
  const place = (at: number) => (100 * (Math.min(TO, Math.max(FROM, at)) - FROM)) / (TO - FROM);
  return (
    <span className="week-bar hatched max-sm:hidden" aria-hidden="true">
      {windows.map((one) => {
        const from = minutes(one.from);
        const to = minutes(one.to) > from ? minutes(one.to) : TO;
        return <i key={one.from} style={{ left: `${place(from)}%`, width: `${place(to) - place(from)}%` }} />;
      })}
    </span>
  );
}

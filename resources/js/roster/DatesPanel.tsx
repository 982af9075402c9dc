import { useState } from 'react';
import type { Schemas } from '../lib/api';
import { addDays, daysBetween, longDate } from '../lib/format';
import { readHours, writeHours } from '../hours/hours';
import { Effects } from '../setup/Effects';
import { useStranded } from '../setup/Stranded';
import { draftOf, type Draft } from '../setup/things';
import { useSave } from '../setup/useSave';
import { useSetup } from '../setup/useSetup';
import { Check } from '../ui/Check';
import { ClockField } from '../ui/ClockField';
import { Field } from '../ui/Field';
import { Mark } from '../ui/Mark';
import { Pick } from '../ui/Pick';
import { spanWords } from './spanWords';
import type { Dates } from './YearStrip';

const WHATS = [
  ['closed', 'Closed'],
  ['special', 'Other hours'],
  ['off', 'Time off'],
] as const;
/** A choice of more days than these says how wide it is before it can be saved. */
const WIDE_DAYS = 31;
type What = (typeof WHATS)[number][0];
type Whose = 'everyone' | 'people' | 'location';

/** What is on the chosen dates, and what else could be: for everyone, for named people, or for one location. */
export function DatesPanel({
  dates,
  chosen,
  mayChange,
}: {
  dates: Schemas['Year'];
  chosen: Dates | null;
  mayChange: boolean;
}) {
  const { business, data, may } = useSetup();
  const all = may('change-setup');
  const saving = useSave();
  const stranded = useStranded();
  const [what, setWhat] = useState<What | null>(null);
  const [whose, setWhose] = useState<Whose | null>(all ? null : 'people');
  const [wide, setWide] = useState(false);
  const [people, setPeople] = useState<string[]>(all || data?.me.staff == null ? [] : [data.me.staff]);
  const [place, setPlace] = useState('');
  const [name, setName] = useState('');
  const [typed, setTyped] = useState('');
  const [times, setTimes] = useState({ from: '00:00', to: '00:00' });
  if (data === undefined) {
    return null;
  }
  if (chosen === null) {
    return <p className="text-soft">Press a day to see what is on it or to change it; drag over several.</p>;
  }
  const hours = readHours(typed);
  const span = {
    from: `${chosen.first}T${times.from}`,
    to: `${times.to === '00:00' ? addDays(chosen.last, 1) : chosen.last}T${times.to}`,
  };
  const nobody = (what === 'off' || whose === 'people') && people.length === 0;
  const open = what === null || (what !== 'off' && whose === null) || (what === 'special' && hours === null);
  const drafts = nobody || open ? [] : draftsFor();
  const days = daysBetween(chosen.first, chosen.last);
  const asksWide = days > WIDE_DAYS && drafts.length > 0;
  function draftsFor(): Draft[] {
    if (chosen === null) {
      return [];
    }
    if (what === 'off') {
      return people.map((staff) => draftOf.timeOff(null, { staff, name, ...span }, null));
    }
    if (what === 'closed') {
      return [draftOf.closure(null, { name, ...span, staff: whose === 'people' ? people : null }, null)];
    }
    const found: Draft[] = [];
    for (let date = chosen.first; date <= chosen.last; date = addDays(date, 1)) {
      for (const staff of whose === 'people' ? people : [null]) {
        const location = whose === 'location' && place !== '' ? place : null;
        const known = dates.specialDays.find(
          (one) => one.content.date === date && one.content.staff === staff && one.content.location === location,
        );
        found.push(
          draftOf.specialDay(known?.id ?? null, { date, staff, location, hours: hours ?? [] }, known?.version ?? null),
        );
      }
    }
    return found;
  }
  const save = async () => {
    const words =
      chosen.first === chosen.last ? longDate(chosen.first) : `${longDate(chosen.first)} to ${longDate(chosen.last)}`;
    if ((await saving.save(drafts, `Saved for ${words}.`)) !== null) {
      await stranded.carryOut();
      setName('');
      setTyped('');
      setWhat(null); // what is saved stands above now, and is not counted again
      setWide(false);
    }
  };
  const wrong = Object.values(saving.refused?.fields ?? {})[0] ?? saving.refused?.message;
  return (
    <div className="beside">
      <section className="beside-main" aria-label="The chosen dates">
        <h2>
          {days === 1 ? longDate(chosen.first) : `${longDate(chosen.first)} to ${longDate(chosen.last)}, ${days} days`}
        </h2>
        <OnDates dates={dates} chosen={chosen} mayChange={mayChange} />
        {mayChange && (
          <>
            <div className="flex flex-wrap gap-5" role="radiogroup" aria-label="What is different">
              {WHATS.filter(([one]) => all || one !== 'closed').map(([one, words]) => (
                <label key={one} className="check">
                  <input
                    type="radio"
                    name="what"
                    id={`what-${one}`}
                    checked={what === one}
                    onChange={() => setWhat(one)}
                  />
                  <span>{words}</span>
                </label>
              ))}
            </div>
            {all && what !== null && what !== 'off' && (
              <div className="flex flex-wrap gap-5" role="radiogroup" aria-label="For whom">
                <label className="check">
                  <input
                    type="radio"
                    name="whose"
                    id="whose-everyone"
                    checked={whose === 'everyone'}
                    onChange={() => setWhose('everyone')}
                  />
                  <span>for everyone</span>
                </label>
                <label className="check">
                  <input
                    type="radio"
                    name="whose"
                    id="whose-people"
                    checked={whose === 'people'}
                    onChange={() => setWhose('people')}
                  />
                  <span>for people I choose</span>
                </label>
                {what === 'special' && data.locations.length > 1 && (
                  <label className="check">
                    <input
                      type="radio"
                      name="whose"
                      checked={whose === 'location'}
                      onChange={() => setWhose('location')}
                    />
                    <span>for one location</span>
                  </label>
                )}
              </div>
            )}
            {all && (what === 'off' || whose === 'people') && (
              <Pick
                legend="Who"
                from={data.staff.map((one) => ({ ...one, mark: <Mark of={one} /> }))}
                chosen={people}
                onChosen={setPeople}
                wrong={nobody ? 'Nobody is chosen yet, so it would be for nobody.' : undefined}
              />
            )}
            {what === 'special' && whose === 'location' && (
              <div className="field">
                <label htmlFor="special-place">Location</label>
                <select
                  id="special-place"
                  className="input"
                  value={place}
                  onChange={(event) => setPlace(event.target.value)}
                >
                  <option value="">Choose one</option>
                  {data.locations.map((one) => (
                    <option key={one.id} value={one.id}>
                      {one.name}
                    </option>
                  ))}
                </select>
              </div>
            )}
            {what === null ? null : what === 'special' ? (
              <Field
                id="special-hours"
                label="Open"
                hint="9-12:30, 13:30-18; nothing typed: closed all day"
                wrong={hours === null ? 'Typed like 9-12:30, 13:30-18.' : undefined}
                value={typed}
                onValue={setTyped}
              />
            ) : (
              <div className="three">
                <ClockField
                  id="span-from"
                  label="From"
                  wrong={undefined}
                  value={times.from}
                  onValue={(from) => setTimes({ ...times, from })}
                />
                <ClockField
                  id="span-to"
                  label="Until"
                  hint="Midnight: to the end of the day"
                  wrong={undefined}
                  value={times.to}
                  onValue={(to) => setTimes({ ...times, to })}
                />
                <Field
                  id="span-name"
                  label={what === 'off' ? 'Why, for your own use' : 'What is it called?'}
                  maxLength={120}
                  wrong={undefined}
                  value={name}
                  onValue={setName}
                />
              </div>
            )}
            {wrong !== undefined && (
              <p className="wrong" role="alert">
                {wrong}
              </p>
            )}
            {asksWide && (
              <Check id="wide" checked={wide} onChange={setWide}>
                Yes, for all {days} days, from {longDate(chosen.first)} to {longDate(chosen.last)}
              </Check>
            )}
            {what !== null && (
              <p>
                <button
                  type="button"
                  id="save-dates"
                  className="button button-next"
                  disabled={
                    saving.saving ||
                    drafts.length === 0 ||
                    (asksWide && !wide) ||
                    (whose === 'location' && what === 'special' && place === '')
                  }
                  onClick={() => void save()}
                >
                  Save {drafts.length > 1 ? `all ${drafts.length}` : ''}
                </button>
              </p>
            )}
          </>
        )}
      </section>
      {mayChange && drafts.length > 0 && (
        <Effects business={business} zone={data.timeZone} drafts={drafts} stranded={stranded} from={chosen.first} />
      )}
    </div>
  );
}

/** What is different on these dates already, each with a way to take it back. */
function OnDates({ dates, chosen, mayChange }: { dates: Schemas['Year']; chosen: Dates; mayChange: boolean }) {
  const { data, may } = useSetup();
  const saving = useSave();
  const name = (id: string): string =>
    data?.staff.find((one) => one.id === id)?.name ?? data?.locations.find((one) => one.id === id)?.name ?? '';
  const meets = (from: string, to: string): boolean =>
    from < `${addDays(chosen.last, 1)}T00:00` && to > `${chosen.first}T00:00`;
  const rows: { id: string; says: string; who: string; draft: Draft }[] = [
    ...dates.specialDays
      .filter(({ content }) => content.date >= chosen.first && content.date <= chosen.last)
      .map((one) => ({
        id: one.id,
        says: [
          longDate(one.content.date),
          one.content.hours.length === 0 ? 'closed' : `open ${writeHours(one.content.hours)}`,
        ].join(': '),
        who:
          one.content.staff !== null
            ? name(one.content.staff)
            : one.content.location !== null
              ? name(one.content.location)
              : 'everyone',
        draft: draftOf.specialDay(one.id, null, one.version),
      })),
    ...dates.closures
      .filter(({ content }) => meets(content.from, content.to))
      .map((one) => ({
        id: one.id,
        says: [one.content.name === '' ? 'Closed' : one.content.name, spanWords(one.content.from, one.content.to)].join(
          ': ',
        ),
        who: one.content.staff === null ? 'everyone' : one.content.staff.map(name).join(', '),
        draft: draftOf.closure(one.id, null, one.version),
      })),
    ...dates.timeOffs
      .filter(({ content }) => meets(content.from, content.to))
      .map((one) => ({
        id: one.id,
        says: [
          one.content.name === '' ? 'Time off' : `Time off, ${one.content.name}`,
          spanWords(one.content.from, one.content.to),
        ].join(': '),
        who: name(one.content.staff),
        draft: draftOf.timeOff(one.id, null, one.version),
      })),
  ];
  if (rows.length === 0) {
    return <p className="text-soft">As in an ordinary week.</p>;
  }
  return (
    <ul className="rows">
      {rows.map((row) => (
        <li key={row.id} className="row row-plain">
          <b>{row.says}</b>
          <span className="row-soft">{row.who}</span>
          {mayChange && (may('change-setup') || row.draft.kind !== 'closure') && (
            <span className="row-end">
              <button
                type="button"
                className="button button-small"
                onClick={() => void saving.save([row.draft], 'Removed.')}
              >
                Remove<span className="sr-only"> {row.says}</span>
              </button>
            </span>
          )}
        </li>
      ))}
    </ul>
  );
}

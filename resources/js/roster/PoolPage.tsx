import { useParams } from 'react-router';
import { Effects } from '../setup/Effects';
import { newId, type Contents } from '../setup/things';
import { ThingFoot } from '../setup/ThingFoot';
import { namesOf } from '../setup/useSetup';
import { useThingPage } from '../setup/useThingPage';
import { Field } from '../ui/Field';
import { MomentField } from '../ui/MomentField';
import { Select } from '../ui/Select';
import { PoolDay } from './PoolDay';

const FRESH: Contents['pool'] = { name: '', location: null, units: [], outages: [] };

/** A pool: its units in the order they are taken, what is out of order when, and how a day uses it. */
export function PoolPage() {
  const { id } = useParams();
  return <PoolEditor key={id} id={id === 'new' || id === undefined ? null : id} />;
}

function PoolEditor({ id }: { id: string | null }) {
  const { business, data, may, editing, stranded, save } = useThingPage(
    'pool',
    id,
    FRESH,
    (made) => `roster/resources/${made}`,
  );
  const { content, draft, wrong } = editing;
  if (editing.missing) {
    return <p>There is no such pool. It may have been removed.</p>;
  }
  if (data === undefined || content === null || draft === null) {
    return <p role="status">Fetching the resources</p>;
  }
  const units = (next: Contents['pool']['units']) =>
    editing.set({
      units: next,
      outages: content.outages.filter((outage) => next.some((unit) => unit.id === outage.unit)),
    });
  const outage = (at: number, changes: Partial<Contents['pool']['outages'][number]>) =>
    editing.set({ outages: content.outages.map((one, i) => (i === at ? { ...one, ...changes } : one)) });
  const names = new Map([...namesOf(data), ...content.units.map((unit) => [unit.id, unit.name] as const)]);
  return (
    <div className="beside">
      <section className="beside-main">
        <h2>{id === null ? 'A new pool' : content.name}</h2>
        <fieldset disabled={!may('change-setup')} className="contents">
          <div className="two">
            <Field
              id="pool-name"
              label="What they are, all together"
              maxLength={120}
              wrong={wrong['name']}
              value={content.name}
              onValue={(name) => editing.set({ name })}
            />
            <Select
              id="pool-location"
              label="Where they are"
              value={content.location ?? ''}
              options={[['', 'at every location'], ...data.locations.map((one) => [one.id, one.name] as const)]}
              onValue={(location) => editing.set({ location: location === '' ? null : location })}
              wrong={wrong['location']}
            />
          </div>
          <h3>Units, in the order they are taken</h3>
          <ol className="units">
            {content.units.map((unit, i) => (
              <li key={unit.id}>
                <input
                  className="input input-small"
                  aria-label={`Name of unit ${i + 1}`}
                  value={unit.name}
                  maxLength={120}
                  aria-invalid={wrong[`units.${i}.name`] !== undefined}
                  onChange={(event) =>
                    units(content.units.map((one) => (one.id === unit.id ? { ...one, name: event.target.value } : one)))
                  }
                />
                <button
                  type="button"
                  className="button button-small"
                  onClick={() => units(content.units.filter((one) => one.id !== unit.id))}
                >
                  Take out<span className="sr-only"> {unit.name}</span>
                </button>
                {wrong[`units.${i}.name`] !== undefined && <span className="wrong">{wrong[`units.${i}.name`]}</span>}
              </li>
            ))}
          </ol>
          <p>
            <button
              type="button"
              id="add-unit"
              className="button button-small"
              onClick={() =>
                units([
                  ...content.units,
                  {
                    id: newId(),
                    name: [
                      content.name === '' ? 'Unit' : content.name.replace(/s$/, ''),
                      content.units.length + 1,
                    ].join(' '),
                  },
                ])
              }
            >
              Add a unit
            </button>
          </p>
          <h3>Out of order</h3>
          {content.outages.length === 0 && <p className="text-soft">Everything works.</p>}
          <ul className="grid gap-3">
            {content.outages.map((one, i) => (
              <li key={i} className="outage">
                <Select
                  id={`outage-${i}-unit`}
                  label="Unit"
                  value={one.unit}
                  options={content.units.map((unit) => [unit.id, unit.name] as const)}
                  onValue={(unit) => outage(i, { unit })}
                />
                <MomentField
                  id={`outage-${i}-from`}
                  label="From"
                  wrong={wrong[`outages.${i}.from`]}
                  value={one.from}
                  onValue={(from) => outage(i, { from })}
                />
                <MomentField
                  id={`outage-${i}-to`}
                  label="Until"
                  wrong={wrong[`outages.${i}.to`]}
                  value={one.to}
                  onValue={(to) => outage(i, { to })}
                />
                <button
                  type="button"
                  className="button button-small self-end"
                  onClick={() => editing.set({ outages: content.outages.filter((_, other) => other !== i) })}
                >
                  Remove
                </button>
              </li>
            ))}
          </ul>
          {content.units[0] !== undefined && (
            <p>
              <button
                type="button"
                id="add-outage"
                className="button button-small"
                onClick={() =>
                  editing.set({
                    outages: [...content.outages, { unit: content.units[0]?.id ?? '', name: '', from: '', to: '' }],
                  })
                }
              >
                Say what is out of order
              </button>
            </p>
          )}
        </fieldset>
        {id !== null && <PoolDay units={content.units} />}
        <ThingFoot
          editing={editing}
          name={content.name}
          unnamed="this pool"
          isNew={id === null}
          names={names}
          onSave={() => void save(`${content.name} saved.`)}
          list={`/at/${business}/roster/resources`}
        />
      </section>
      <Effects
        business={business}
        zone={data.timeZone}
        drafts={content.name === '' || content.outages.some((one) => one.from === '' || one.to === '') ? [] : [draft]}
        stranded={stranded}
      />
    </div>
  );
}

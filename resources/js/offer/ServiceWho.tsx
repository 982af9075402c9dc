import { useSetup } from '../setup/useSetup';
import { Check } from '../ui/Check';
import { Fold } from '../ui/Fold';
import { Mark } from '../ui/Mark';
import { NumberField } from '../ui/NumberField';
import { Pick } from '../ui/Pick';
import { Select } from '../ui/Select';
import type { PartProps } from './service';
import { first } from './ServiceTime';

const ASSIGNMENTS = [
  ['choose', 'the client chooses, or anyone'],
  ['rotate', 'in turn'],
  ['first', 'the first who is free'],
  ['random', 'whoever is drawn'],
  ['all', 'all of them together'],
] as const;

/** Who does it, where, with what, and for how many at once. */
export function ServiceWho({ content, set, wrong }: PartProps) {
  const { data } = useSetup();
  if (data === undefined) {
    return null;
  }
  const people = content.staff.map((id) => data.staff.find((one) => one.id === id)?.name ?? '').join(', ');
  const needs = content.resources
    .map((need) => `${need.units} × ${data.pools.find((pool) => pool.id === need.pool)?.name ?? ''}`)
    .join(', ');
  return (
    <>
      <Fold
        id="fold-who"
        title="Who"
        says={people === '' ? 'nobody yet' : people}
        open={content.staff.length === 0}
        wrong={first(wrong, 'staff') !== undefined}
      >
        <Pick
          legend="Who does it"
          hint="In the order in which they are asked"
          from={data.staff.map((one) => ({ ...one, mark: <Mark of={one} /> }))}
          chosen={content.staff}
          onChosen={(staff) => set({ staff })}
          wrong={first(wrong, 'staff')}
        />
        <Select
          id="service-assignment"
          label="Who takes a booking"
          value={content.assignment}
          options={ASSIGNMENTS}
          onValue={(assignment) => set({ assignment })}
        />
      </Fold>
      <Fold
        id="fold-where"
        title="Where"
        says={
          content.locations.map((id) => data.locations.find((one) => one.id === id)?.name ?? '').join(', ') ||
          'nowhere yet'
        }
        open={content.locations.length === 0}
        wrong={first(wrong, 'locations') !== undefined}
      >
        <Pick
          legend="Where it takes place"
          from={data.locations}
          chosen={content.locations}
          onChosen={(locations) => set({ locations })}
          wrong={first(wrong, 'locations')}
        />
      </Fold>
      <Fold
        id="fold-party"
        title="Alone or with others"
        says={
          content.kind === 'session'
            ? 'at sessions you schedule'
            : content.places > 1
              ? `shared, ${content.places} places`
              : 'private'
        }
        wrong={first(wrong, 'places') !== undefined || first(wrong, 'maxParty') !== undefined}
      >
        <div className="flex flex-wrap gap-5" role="radiogroup" aria-label="Alone or with others">
          <label className="check">
            <input
              type="radio"
              name="kind"
              checked={content.kind === 'appointment' && content.places === 1}
              onChange={() => set({ kind: 'appointment', places: 1 })}
            />
            <span>private</span>
          </label>
          <label className="check">
            <input
              type="radio"
              name="kind"
              id="kind-shared"
              checked={content.kind === 'appointment' && content.places !== 1}
              onChange={() => set({ kind: 'appointment', places: 8 })}
            />
            <span>shared: others may join</span>
          </label>
          <label className="check">
            <input
              type="radio"
              name="kind"
              id="kind-session"
              checked={content.kind === 'session'}
              onChange={() => set({ kind: 'session' })}
            />
            <span>sessions, scheduled on the Board</span>
          </label>
        </div>
        <div className="two">
          {content.kind === 'appointment' && content.places !== 1 && (
            <NumberField
              id="service-places"
              label="Places"
              wrong={wrong['places']}
              value={content.places}
              empty={0}
              onValue={(places) => set({ places })}
            />
          )}
          <NumberField
            id="service-party"
            label="Largest party"
            hint={
              content.kind === 'appointment' && content.places === 1
                ? 'Nothing typed: one person'
                : 'Nothing typed: as many as there are places'
            }
            wrong={wrong['maxParty']}
            value={content.maxParty}
            empty={null}
            onValue={(maxParty) => set({ maxParty })}
          />
        </div>
      </Fold>
      {data.pools.length > 0 && (
        <Fold
          id="fold-needs"
          title="With what"
          says={needs === '' ? 'nothing of the resources' : needs}
          wrong={first(wrong, 'resources') !== undefined}
        >
          <Pick
            legend="Resources it needs"
            from={data.pools}
            chosen={content.resources.map((need) => need.pool)}
            onChosen={(pools) =>
              set({
                resources: pools.map(
                  (pool) =>
                    content.resources.find((need) => need.pool === pool) ?? {
                      pool,
                      units: 1,
                      perPerson: false,
                      holdsBuffers: true,
                    },
                ),
              })
            }
            wrong={first(wrong, 'resources')}
          />
          {content.resources.map((need, i) => {
            const name = data.pools.find((pool) => pool.id === need.pool)?.name ?? '';
            const change = (changes: Partial<typeof need>) =>
              set({ resources: content.resources.map((one, at) => (at === i ? { ...one, ...changes } : one)) });
            return (
              <div key={need.pool} className="three">
                <NumberField
                  id={`need-${i}`}
                  label={`${name}: how many`}
                  wrong={wrong[`resources.${i}.units`]}
                  value={need.units}
                  empty={0}
                  onValue={(units) => change({ units })}
                />
                <Check checked={need.perPerson} onChange={(perPerson) => change({ perPerson })}>
                  for each person
                </Check>
                <Check checked={need.holdsBuffers} onChange={(holdsBuffers) => change({ holdsBuffers })}>
                  during set-up and clear-up too
                </Check>
              </div>
            );
          })}
        </Fold>
      )}
    </>
  );
}

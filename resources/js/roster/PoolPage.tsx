import { useParams } from 'react-router';
import { Columns } from '../ui/Columns';
import { Effects } from '../setup/Effects';
import type { Contents } from '../setup/things';
import { ThingFoot } from '../setup/ThingFoot';
import { namesOf } from '../setup/useSetup';
import { useThingPage } from '../setup/useThingPage';
import { Field } from '../ui/Field';
import { Select } from '../ui/Select';
import { PoolDay } from './PoolDay';
import { PoolOutages } from './PoolOutages';
import { PoolUnits } from './PoolUnits';
import * as say from '@words/roster';

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
    return <p>{say.thereNoSuchPool}</p>;
  }
  if (data === undefined || content === null || draft === null) {
    return <p role="status">{say.fetchingResources}</p>;
  }
  const units = (next: Contents['pool']['units']) =>
    editing.set({
      units: next,
      outages: content.outages.filter((outage) => next.some((unit) => unit.id === outage.unit)),
    });
  const names = new Map([...namesOf(data), ...content.units.map((unit) => [unit.id, unit.name] as const)]);
  return (
    <div className="beside">
      <section className="beside-main">
        <h2>{id === null ? say.newPool : content.name}</h2>
        <fieldset disabled={!may('change-setup')} className="contents">
          <Columns>
            <Field
              id="pool-name"
              label={say.whatTheyAllTogether}
              maxLength={120}
              wrong={wrong['name']}
              value={content.name}
              onValue={(name) => editing.set({ name })}
            />
            <Select
              id="pool-location"
              label={say.whereThey}
              value={content.location ?? ''}
              options={[['', say.atEveryLocation], ...data.locations.map((one) => [one.id, one.name] as const)]}
              onValue={(location) => editing.set({ location: location === '' ? null : location })}
              wrong={wrong['location']}
            />
          </Columns>
          <PoolUnits content={content} wrong={wrong} onUnits={units} />
          <PoolOutages content={content} wrong={wrong} onOutages={(outages) => editing.set({ outages })} />
        </fieldset>
        {id !== null && <PoolDay units={content.units} />}
        <ThingFoot
          editing={editing}
          name={content.name}
          unnamed={say.thisPool}
          isNew={id === null}
          names={names}
          onSave={() => void save(say.saved({ name: content.name }))}
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

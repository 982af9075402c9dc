import { Button } from '../ui/Button';
import type { Contents } from '../setup/things';
import { MomentField } from '../ui/MomentField';
import { Select } from '../ui/Select';
import * as say from '@words/roster';
import './PoolOutages.css';

type Outages = Contents['pool']['outages'];
type Props = {
  content: Contents['pool'];
  wrong: Readonly<Record<string, string>>;
  onOutages: (outages: Outages) => void;
};

/** Which unit is out of order, and when. */
export function PoolOutages({ content, wrong, onOutages }: Props) {
  const outage = (at: number, changes: Partial<Outages[number]>) =>
    onOutages(content.outages.map((one, i) => (i === at ? { ...one, ...changes } : one)));
  return (
    <>
      <h3>{say.outOrder}</h3>
      {content.outages.length === 0 && <p className="text-soft">{say.everythingWorks}</p>}
      <ul className="grid gap-3">
        {content.outages.map((one, i) => (
          <li key={i} className="outage">
            <Select
              id={`outage-${i}-unit`}
              label={say.unit}
              value={one.unit}
              options={content.units.map((unit) => [unit.id, unit.name] as const)}
              onValue={(unit) => outage(i, { unit })}
            />
            <MomentField
              id={`outage-${i}-from`}
              label={say.from}
              wrong={wrong[`outages.${i}.from`]}
              value={one.from}
              onValue={(from) => outage(i, { from })}
            />
            <MomentField
              id={`outage-${i}-to`}
              label={say.until}
              wrong={wrong[`outages.${i}.to`]}
              value={one.to}
              onValue={(to) => outage(i, { to })}
            />
            <Button
              small
              className="self-end"
              onClick={() => onOutages(content.outages.filter((_, other) => other !== i))}
            >
              {say.takeOutOfOrder}
            </Button>
          </li>
        ))}
      </ul>
      {content.units[0] !== undefined && (
        <p>
          <Button
            id="add-outage"
            small
            onClick={() =>
              onOutages([...content.outages, { unit: content.units[0]?.id ?? '', name: '', from: '', to: '' }])
            }
          >
            {say.sayWhatOutOrder}
          </Button>
        </p>
      )}
    </>
  );
}

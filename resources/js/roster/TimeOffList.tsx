import { useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import { Wrong } from '../ui/Wrong';
import { Columns } from '../ui/Columns';
import { Button } from '../ui/Button';
import { EffectPanel } from '../setup/EffectPanel';
import { draftOf, wrongOf, year } from '../setup/things';
import { useSave } from '../setup/useSave';
import { useSetup } from '../setup/useSetup';
import { Field } from '../ui/Field';
import { Pick } from '../ui/Pick';
import { Badge } from '../ui/Badge';
import { MomentField } from '../ui/MomentField';
import { spanWords } from './spanWords';
import { alike } from '../setup/timeOffs';
import { Row, RowEnd, RowFact, RowName, Rows } from '../ui/Row';
import * as say from '@words/roster';

/** When somebody is away this year and the next, and a way to add to it: for them alone or for several at once. */
export function TimeOffList({ staff, mayChange }: { staff: string; mayChange: boolean }) {
  const { business, data, may } = useSetup();
  const now = new Date().getFullYear();
  const { data: first } = useQuery(year(business, now));
  const { data: next } = useQuery(year(business, now + 1));
  const saving = useSave();
  const [adding, setAdding] = useState({ name: '', from: '', to: '' });
  const [people, setPeople] = useState([staff]);
  const all = [...(first?.timeOffs ?? []), ...(next?.timeOffs ?? [])].filter(
    (one, i, rows) => rows.findIndex((other) => other.id === one.id) === i,
  );
  const remove = (rows: typeof all) =>
    void saving.save(
      rows.map((one) => draftOf.timeOff(one.id, null, one.version)),
      say.timeOffRemovedFor({ count: rows.length }),
    );
  const away = all
    .filter((one) => one.content.staff === staff)
    .filter((one) => first === undefined || one.content.to.slice(0, 10) >= first.today);
  const drafts = people.map((one) => draftOf.timeOff(null, { ...adding, staff: one }, null));
  const wrong = wrongOf(saving.refused?.fields, 0);
  const ready = adding.from !== '' && adding.to > adding.from && people.length > 0;
  const add = async () => {
    if ((await saving.save(drafts, say.savedOff({ count: drafts.length }))) !== null) {
      setAdding({ name: '', from: '', to: '' });
    }
  };
  return (
    <div className="grid gap-3">
      {away.length === 0 && <p className="text-soft">{say.nothingPlanned}</p>}
      <Rows>
        {away.map((one) => (
          <li key={one.id}>
            <Row>
              <RowName>{spanWords(one.content.from, one.content.to)}</RowName>
              <RowFact>{one.content.name}</RowFact>
              {mayChange && (
                <RowEnd>
                  <Button
                    small
                    onClick={() => remove([one])}
                    aria-label={say.removeOne({ what: spanWords(one.content.from, one.content.to) })}
                  >
                    {say.remove}
                  </Button>
                  {may('change-setup') && alike(all, one).length > 1 && (
                    <Button small onClick={() => remove(alike(all, one))}>
                      {say.removeForAll({ count: alike(all, one).length })}
                    </Button>
                  )}
                </RowEnd>
              )}
            </Row>
          </li>
        ))}
      </Rows>
      {mayChange && (
        <div className="grid gap-3">
          <Columns of={3}>
            <MomentField
              id="off-from"
              label={say.awayFrom}
              wrong={wrong['from']}
              value={adding.from}
              onValue={(from) => setAdding({ ...adding, from })}
            />
            <MomentField
              id="off-to"
              label={say.until}
              wrong={wrong['to']}
              value={adding.to}
              onValue={(to) => setAdding({ ...adding, to })}
            />
            <Field
              id="off-name"
              label={say.whyForOwnUse}
              maxLength={120}
              wrong={wrong['name']}
              value={adding.name}
              onValue={(name) => setAdding({ ...adding, name })}
            />
          </Columns>
          {may('change-setup') && data !== undefined && data.staff.length > 1 && (
            <Pick
              legend={say.forPeople}
              from={data.staff.map((one) => ({ ...one, badge: <Badge of={one} /> }))}
              chosen={people}
              onChosen={setPeople}
              wrong={people.length === 0 ? say.chooseWhoseTimeOff : undefined}
            />
          )}
          {saving.refused !== null && saving.refused.fields === undefined && (
            <Wrong as="p" role="alert">
              {saving.refused.message}
            </Wrong>
          )}
          <p>
            <Button
              id="add-off"

              disabled={people.length === 0}
              onClick={() => void add()}
            >
              {say.addThisTimeOff}
            </Button>
          </p>
          {ready && data !== undefined && <EffectPanel business={business} zone={data.timeZone} drafts={drafts} />}
        </div>
      )}
    </div>
  );
}

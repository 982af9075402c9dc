import { Button } from '../ui/Button';
import type { Schemas } from '../lib/api';
import { useSave } from '../setup/useSave';
import { useSetup } from '../setup/useSetup';
import { differencesOn } from './differences';
import type { Dates } from './YearStrip';
import { Row, RowEnd, RowFact, RowName, Rows } from '../ui/Row';
import * as say from '@words/roster';

/** What is different on these dates already, each with a way to take it back. */
export function OnDates({ dates, chosen, mayChange }: { dates: Schemas['Year']; chosen: Dates; mayChange: boolean }) {
  const { data, may } = useSetup();
  const saving = useSave();
  const name = (id: string): string =>
    data?.staff.find((one) => one.id === id)?.name ?? data?.locations.find((one) => one.id === id)?.name ?? '';
  const rows = differencesOn(dates, chosen, name);
  if (rows.length === 0) {
    return <p className="text-soft">{say.asInOrdinaryWeek}</p>;
  }
  return (
    <Rows>
      {rows.map((row) => (
        <li key={row.id}>
          <Row>
            <RowName>{row.says}</RowName>
            <RowFact>{row.who}</RowFact>
            {mayChange && (may('change-setup') || row.draft.kind !== 'closure') && (
              <RowEnd>
                <Button
                  small
                  onClick={() => void saving.save([row.draft], say.removed)}
                  aria-label={say.removeOne({ what: row.says })}
                >
                  {say.remove}
                </Button>
              </RowEnd>
            )}
          </Row>
        </li>
      ))}
    </Rows>
  );
}

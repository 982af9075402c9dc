import type { ReactNode } from 'react';
import { Button } from '../ui/Button';
import { Ordered } from './Ordered';
import { useOrder } from './useOrder';
import { useSetup } from './useSetup';
import { Row, RowEnd, RowFact, RowName } from '../ui/Row';
import { useOpened } from '../ui/useOpened';
import * as say from '@words/setup';

type Row = { id: string; name: string; says: string };
type Props = {
  list: 'categories' | 'addOns' | 'questions' | 'dayparts' | 'taxRates' | 'surcharges' | 'offerCodes';
  title: string;
  add: string;
  empty: string;
  rows: readonly Row[];
  /** The editor of one row; id null is a new one. */
  editor: (id: string | null, onDone: () => void) => ReactNode;
};

/** A short list whose rows open to be edited in place, in an order of the owner's. */
export function ThingRows({ list, title, add, empty, rows, editor }: Props) {
  const { may } = useSetup();
  const { open, show, close } = useOpened<string>();
  const order = useOrder(
    list,
    rows.map((row) => row.id),
  );
  return (
    <section className="grid max-w-3xl gap-3">
      <div className="list-head">
        <h2>{title}</h2>
        {may('change-setup') && (
          <Button id="add" small onClick={() => show('new')}>
            {add}
          </Button>
        )}
      </div>
      {open === 'new' && (
        <div className="rounded-[10px] bg-paper px-3 pt-3 pb-5">{editor(null, () => close('new'))}</div>
      )}
      {rows.length === 0 && open !== 'new' && <p>{empty}</p>}
      <Ordered rows={order.sorted(rows)} mayChange={may('change-setup')} onMove={order.move}>
        {(row, handle) => (
          <>
            <Row lit>
              {handle}
              <RowName>{row.name}</RowName>
              <RowFact wide>{row.says}</RowFact>
              <RowEnd>
                <Button
                  small
                  aria-expanded={open === row.id}
                  aria-label={(open === row.id ? say.closeOne : may('change-setup') ? say.changeOne : say.lookOne)({
                    name: row.name,
                  })}
                  onClick={() => show(open === row.id ? null : row.id)}
                >
                  {open === row.id ? say.close : may('change-setup') ? say.change : say.look}
                </Button>
              </RowEnd>
            </Row>
            {open === row.id && (
              <div className="rounded-[10px] bg-paper px-3 pt-3 pb-5">{editor(row.id, () => close(row.id))}</div>
            )}
          </>
        )}
      </Ordered>
    </section>
  );
}

import { keepPreviousData, useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import type { Schemas } from '../lib/api';
import { day, listed, moment } from '../lib/format';
import { clients } from '../lib/queries';
import { useSetup } from '../setup/useSetup';
import { Button } from '../ui/Button';
import { Field } from '../ui/Field';
import { Row, RowEnd, RowFact, RowName, Rows } from '../ui/Row';
import { useSettled } from '../ui/useSettled';
import { Wrong } from '../ui/Wrong';
import { OwnPrices } from './OwnPrices';
import { useNames } from '../ui/useNames';
import * as say from '@words/clients';

const WAIT = 250; // ms

/** Read downward at a glance: each fact has its column. */
const COLUMNS = 'lg:grid lg:grid-cols-[11rem_minmax(0,1.3fr)_8.5rem_minmax(0,1fr)_minmax(0,1fr)_minmax(0,1.1fr)_auto]';

/** Who comes here, and what they pay for themselves. */
export function Clients() {
  const { business, data } = useSetup();
  const [text, setText] = useState('');
  const [open, setOpen] = useState<string | null>(null);
  const { data: found, error } = useQuery({
    ...clients(business, useSettled(text, WAIT)),
    placeholderData: keepPreviousData,
  });
  const zone = data?.timeZone ?? 'UTC';
  const names = new Map((data?.services ?? []).map((one) => [one.id, one.name]));
  const { hidden, shown } = useNames();
  const ownOf = (client: Schemas['Client']) =>
    client.rates.length === 0
      ? ''
      : say.ownPrices({ names: listed(client.rates.map((rate) => names.get(rate.service) ?? '')) });
  return (
    <main className="room">
      <header className="room-head">
        <h1>{say.clients}</h1>
      </header>
      <div className="max-w-xl">
        <Field id="find-client" label={say.find} wrong={undefined} value={text} onValue={setText} />
      </div>
      {error !== null && <Wrong as="p">{error.message}</Wrong>}
      {found?.clients.length === 0 && <p className="text-soft">{say.nobody}</p>}
      <Rows aria-label={say.clients}>
        {(found?.clients ?? []).map((client) => (
          <li key={client.id}>
            <Row lit className={COLUMNS}>
              <RowName>{shown(client.name)}</RowName>
              <RowFact className="wrap-anywhere">{hidden ? '' : client.email}</RowFact>
              <RowFact>{hidden ? '' : client.phone}</RowFact>
              <RowFact>{client.last === null ? '' : say.wasHere({ at: day(client.last, zone) })}</RowFact>
              <RowFact>{client.next === null ? '' : say.comes({ at: moment(client.next, zone) })}</RowFact>
              <RowFact>{ownOf(client)}</RowFact>
              <RowEnd>
                <Button
                  small
                  aria-expanded={open === client.id}
                  aria-label={say.ownPricesOf({ name: shown(client.name) })}
                  onClick={() => setOpen(open === client.id ? null : client.id)}
                >
                  {open === client.id ? say.close : say.open}
                </Button>
              </RowEnd>
            </Row>
            {open === client.id && <OwnPrices business={business} client={client} />}
          </li>
        ))}
      </Rows>
    </main>
  );
}

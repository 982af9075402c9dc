import { useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import { Link } from 'react-router';
import type { Schemas } from '../lib/api';
import { money, moment } from '../lib/format';
import { given, sales, type SalesAsked } from '../lib/queries';
import { useSetup } from '../setup/useSetup';
import { Button, buttonLook } from '../ui/Button';
import { DateField } from '../ui/DateField';
import { Field } from '../ui/Field';
import { RowEnd, RowFact, RowLink, RowName, Rows } from '../ui/Row';
import { Select } from '../ui/Select';
import { useNames } from '../ui/useNames';
import { useSettled } from '../ui/useSettled';
import { Wrong } from '../ui/Wrong';
import * as say from '@words/ledger';

const STATES = (['all', 'due', 'open', 'paid', 'back'] as const).map((state) => [state, say.states[state]] as const);

const WAIT = 250; // ms

/** Sales, the latest first, found by name, amount, number, date and how they stand. */
export function SaleList() {
  const { business, data, may } = useSetup();
  const [asked, setAsked] = useState<SalesAsked>({ text: '', state: 'all', from: '', until: '' });
  const [page, setPage] = useState(0);
  const set = (some: Partial<SalesAsked>) => {
    setAsked((now) => ({ ...now, ...some }));
    setPage(0);
  };
  const { data: found, error } = useQuery(sales(business, useSettled(asked, WAIT), page));
  const file = new URLSearchParams(given(asked)).toString();
  return (
    <div className="grid gap-4">
      <div className="grid items-end gap-4 sm:grid-cols-[minmax(14rem,2fr)_1fr_1fr_1fr_auto]">
        <Field id="find" label={say.find} wrong={undefined} value={asked.text} onValue={(text) => set({ text })} />
        <Select id="which" label={say.which} value={asked.state} options={STATES} onValue={(state) => set({ state })} />
        <DateField id="from" label={say.from} wrong={undefined} value={asked.from} onValue={(from) => set({ from })} />
        <DateField
          id="until"
          label={say.until}
          wrong={undefined}
          value={asked.until}
          onValue={(until) => set({ until })}
        />
        {may('take-money') && (
          <Link
            id="new-sale"
            className={buttonLook({ kind: 'next' })}
            to={`/at/${business}/ledger/sales/new`}
            title={say.newSaleSays}
          >
            {say.newSale}
          </Link>
        )}
      </div>
      {error !== null && <Wrong as="p">{error.message}</Wrong>}
      {found !== undefined && found.rows.length === 0 && <p className="text-soft">{say.noSales}</p>}
      <Rows aria-label={say.sales}>
        {(found?.rows ?? []).map((row) => (
          <li key={row.id}>
            <SaleRow row={row} business={business} zone={data?.timeZone ?? 'UTC'} currency={found?.currency ?? 'EUR'} />
          </li>
        ))}
      </Rows>
      <p className="flex flex-wrap gap-2">
        {page > 0 && (
          <Button small onClick={() => setPage(page - 1)}>
            {say.later}
          </Button>
        )}
        {found?.more === true && (
          <Button small onClick={() => setPage(page + 1)}>
            {say.earlier}
          </Button>
        )}
        <a className={`${buttonLook({ small: true })} ms-auto`} href={`/api/businesses/${business}/sales.csv?${file}`}>
          {say.asFile}
        </a>
      </p>
    </div>
  );
}

type RowProps = { row: Schemas['SaleRow']; business: string; zone: string; currency: string };

function SaleRow({ row, business, zone, currency }: RowProps) {
  const { shown } = useNames();
  return (
    <RowLink to={`/at/${business}/ledger/sales/${row.id}`}>
      <RowName>{row.name === '' ? say.nobody : shown(row.name)}</RowName>
      <RowFact wide>{row.what}</RowFact>
      <RowFact className="w-38">{moment(row.at, zone)}</RowFact>
      <RowFact className="w-26">{row.numbers.join(', ')}</RowFact>
      <RowEnd className="w-66 justify-between">
        <span className={row.due > 0 ? 'font-semibold text-clay' : 'text-soft'}>
          {row.due > 0 && row.due < row.total
            ? say.dueOf({ due: money(row.due, currency), total: money(row.total, currency) })
            : say.rowStates[row.state]}
        </span>
        <b className="min-w-20 text-end tabular-nums">{money(row.total, currency)}</b>
      </RowEnd>
    </RowLink>
  );
}

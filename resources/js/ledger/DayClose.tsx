import { keepPreviousData, useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import type { Schemas } from '../lib/api';
import { addDays, money, moment } from '../lib/format';
import { ledgerDay } from '../lib/queries';
import { isDate } from '../lib/date';
import { useSetup } from '../setup/useSetup';
import { Button } from '../ui/Button';
import { DateField } from '../ui/DateField';
import { CloseForm } from './CloseForm';
import * as say from '@words/ledger';

type Day = Schemas['LedgerDay'];

/** What should be there, what was counted, and what lies between them. */
export function DayClose() {
  const { business, data, may } = useSetup();
  const zone = data?.timeZone ?? 'UTC';
  const [chosen, setChosen] = useState('today');
  const { data: day } = useQuery({ ...ledgerDay(business, chosen), placeholderData: keepPreviousData });
  const shown = chosen === 'today' ? (day?.day ?? '') : chosen;
  return (
    <div className="grid gap-5">
      <div className="flex flex-wrap items-end gap-2">
        <div className="w-72">
          <DateField
            id="day"
            label={say.day}
            wrong={undefined}
            value={shown}
            onValue={(next) => isDate(next) && setChosen(next)}
          />
        </div>
        <Button onClick={() => setChosen(addDays(shown, -1))}>{say.dayBefore}</Button>
        <Button onClick={() => setChosen(addDays(shown, 1))}>{say.dayAfter}</Button>
      </div>
      {day !== undefined && (
        <div className="grid items-start gap-x-10 gap-y-5 lg:grid-cols-2">
          <Ways day={day} />
          <div className="grid gap-5">
            {may('take-money') && day.isToday && <CloseForm key={day.drawer} business={business} day={day} />}
            {day.closes.length > 0 && (
              <section className="grid gap-4">
                <h2>{say.closes}</h2>
                {day.closes.map((close) => (
                  <Closed key={close.at} close={close} currency={day.currency} zone={zone} />
                ))}
              </section>
            )}
          </div>
        </div>
      )}
    </div>
  );
}

function Ways({ day }: { day: Day }) {
  if (day.ways.length === 0) {
    return <p className="text-soft">{say.nothingMoved}</p>;
  }
  return (
    <table className="w-full text-start">
      <thead>
        <tr className="text-soft">
          <th className="py-1 text-start font-normal">{say.way}</th>
          <th className="text-end font-normal">{say.cameIn}</th>
          <th className="text-end font-normal">{say.wentOut}</th>
        </tr>
      </thead>
      <tbody>
        {day.ways.map((way) => (
          <tr key={way.way} className="border-t border-line">
            <td className="py-2">{say.ways[way.way]}</td>
            <td className="text-end tabular-nums">{money(way.in, day.currency)}</td>
            <td className="text-end tabular-nums">{way.out === 0 ? '' : money(way.out, day.currency)}</td>
          </tr>
        ))}
      </tbody>
    </table>
  );
}

type ClosedProps = { close: Day['closes'][number]; currency: string; zone: string };

function Closed({ close, currency, zone }: ClosedProps) {
  const between = close.counted - close.expected;
  return (
    <div>
      <p className="text-soft">{say.closedBy({ by: close.by, at: moment(close.at, zone) })}</p>
      <p className="slip-line">
        <span>{say.should}</span>
        <span>{money(close.expected, currency)}</span>
      </p>
      <p className="slip-line">
        <span>{say.counted}</span>
        <span>{money(close.counted, currency)}</span>
      </p>
      <p className={`slip-line slip-total ${between === 0 ? '' : 'text-clay'}`}>
        <span>{say.difference}</span>
        <span>{money(between, currency)}</span>
      </p>
      {close.banked > 0 && (
        <p className="slip-line">
          <span>{say.banked}</span>
          <span>{money(close.banked, currency)}</span>
        </p>
      )}
      {close.note !== '' && <p className="text-sm">{close.note}</p>}
    </div>
  );
}

import { keepPreviousData, useQuery } from '@tanstack/react-query';
import { useState, type ReactNode } from 'react';
import { Link } from 'react-router';
import { longDate, money } from '../lib/format';
import { figures, type FiguresAsked } from '../lib/queries';
import { isDate } from '../lib/date';
import { useSetup } from '../setup/useSetup';
import { Button, buttonLook } from '../ui/Button';
import { DateField } from '../ui/DateField';
import { Fold } from '../ui/Fold';
import { Wrong } from '../ui/Wrong';
import * as say from '@words/ledger';

/** Tax by rate and staff pay by person; each figure opens to what it is made of. */
export function Figures() {
  const { business } = useSetup();
  const [period, setPeriod] = useState<FiguresAsked>({});
  const { data: found, error } = useQuery({ ...figures(business, period), placeholderData: keepPreviousData });
  const set = (some: FiguresAsked) => setPeriod({ from: found?.from ?? '', until: found?.until ?? '', ...some });
  const [from, until] =
    period.month === undefined
      ? [period.from ?? found?.from ?? '', period.until ?? found?.until ?? '']
      : [found?.from ?? '', found?.until ?? ''];
  const file = (of: string) => `/api/businesses/${business}/${of}.csv?from=${from}&until=${until}`;
  const written = (amount: number) => money(amount, found?.currency ?? 'EUR');
  return (
    <div className="grid gap-6">
      <div className="grid items-end gap-4 sm:grid-cols-[1fr_1fr_auto]">
        <DateField
          id="from"
          label={say.from}
          wrong={undefined}
          value={from}
          onValue={(next) => isDate(next) && set({ from: next })}
        />
        <DateField
          id="until"
          label={say.until}
          wrong={undefined}
          value={until}
          onValue={(next) => isDate(next) && set({ until: next })}
        />
        <p className="flex gap-2 pb-1">
          <Button id="this-month" small onClick={() => setPeriod({ month: 'this' })}>
            {say.thisMonth}
          </Button>
          <Button id="last-month" small onClick={() => setPeriod({ month: 'last' })}>
            {say.lastMonth}
          </Button>
        </p>
      </div>
      {error !== null && <Wrong as="p">{error.message}</Wrong>}
      {found !== undefined && (
        <>
          <Files file={file} />
          <div className="grid items-start gap-x-10 gap-y-6 lg:grid-cols-2">
            <Part title={say.taxByRate} file={file('tax')} none={found.tax.length === 0 ? say.noTax : null}>
              <p className="pb-2 text-sm text-soft">{say.taxDays[found.taxDay]}</p>
              {found.tax.map((rate) => (
                <Fold
                  key={rate.rate}
                  id={`tax-${rate.rate}`}
                  title={say.rate({ rate: rate.rate })}
                  says={say.taxSays({ net: written(rate.net), tax: written(rate.amount), gross: written(rate.gross) })}
                >
                  {rate.sales.map((sale) => (
                    <MadeOf
                      key={sale.sale}
                      day={sale.day}
                      amount={say.taxItem({ net: written(sale.net), tax: written(sale.amount) })}
                    >
                      <Link to={`/at/${business}/ledger/sales/${sale.sale}`}>
                        {sale.name === '' ? say.nobody : sale.name}
                      </Link>
                    </MadeOf>
                  ))}
                </Fold>
              ))}
            </Part>
            <Part title={say.staffPay} file={file('pay')} none={found.pay.length === 0 ? say.noPay : null}>
              {found.pay.map((person) => (
                <Fold
                  key={person.staff}
                  id={`pay-${person.staff}`}
                  title={person.name === '' ? say.ofNobody : person.name}
                  says={
                    person.tips === 0
                      ? written(person.pay)
                      : say.payAndTips({ pay: written(person.pay), tips: written(person.tips) })
                  }
                >
                  {person.visits.map((visit) => (
                    <MadeOf key={visit.booking} day={visit.day} amount={written(visit.amount)}>
                      <Link to={`/at/${business}/board?date=${visit.day}&booking=${visit.booking}`}>
                        {visit.service}
                      </Link>
                    </MadeOf>
                  ))}
                </Fold>
              ))}
            </Part>
            <Part title={say.payouts} file={file('payouts')} none={found.payouts.length === 0 ? say.noPayouts : null}>
              {found.payouts.map((payout) => (
                <Fold
                  key={payout.id}
                  id={payout.id}
                  title={longDate(payout.day)}
                  says={say.payoutSays({ net: written(payout.net), fees: written(payout.fees) })}
                >
                  {payout.items.map((item, i) => (
                    <MadeOf key={i} amount={say.payoutItem({ net: written(item.net), fee: written(item.fee) })}>
                      <Link to={`/at/${business}/ledger/sales/${item.sale}`}>
                        {item.name === '' ? say.nobody : item.name}
                      </Link>
                    </MadeOf>
                  ))}
                </Fold>
              ))}
            </Part>
          </div>
        </>
      )}
    </div>
  );
}

/** What a bookkeeper takes away beside what is shown. */
const Files = ({ file }: { file: (of: string) => string }) => (
  <p className="flex flex-wrap items-center gap-2">
    <span className="text-soft">{say.filesOfTime}</span>
    {(['payments', 'closes', 'book'] as const).map((one) => (
      <a key={one} className={buttonLook({ small: true })} href={file(one)}>
        {say.files[one]}
      </a>
    ))}
  </p>
);

type PartProps = { title: string; file: string | null; none: string | null; children: ReactNode };

function Part({ title, file, none, children }: PartProps) {
  return (
    <section>
      <div className="flex flex-wrap items-baseline justify-between gap-3 pb-2">
        <h2>{title}</h2>
        {file !== null && (
          <a className={buttonLook({ small: true })} href={file}>
            {say.asFile}
          </a>
        )}
      </div>
      {none === null ? children : <p className="text-soft">{none}</p>}
    </section>
  );
}

function MadeOf({ day, amount, children }: { day?: string; amount: string; children: ReactNode }) {
  return (
    <p className="flex flex-wrap justify-between gap-3">
      <span>
        {children} {day !== undefined && <span className="text-soft">{longDate(day)}</span>}
      </span>
      <span className="tabular-nums">{amount}</span>
    </p>
  );
}

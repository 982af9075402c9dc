import { keepPreviousData, queryOptions, useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import { Link } from 'react-router';
import { Wrong } from '../ui/Wrong';
import { Notice } from '../ui/Notice';
import { Button } from '../ui/Button';
import { api, refusalOf, unwrap, type Schemas } from '../lib/api';
import { dateParts, listed, longDate, timeOfDay } from '../lib/format';
import { readClock } from '../lib/clock';
import { readDate } from '../lib/date';
import { useSetup } from '../setup/useSetup';
import { ClockField } from '../ui/ClockField';
import { DateField } from '../ui/DateField';
import { clockOf } from '../hours/hours';
import { Hours } from '../hours/WeekRuler';
import type { Draft } from '../setup/things';
import { useSettled } from '../ui/useSettled';
import * as say from '@words/offer';
import './NextTimes.css';

type Props = { business: string; draft: Draft; zone: string };

const times = (business: string, draft: Draft) =>
  queryOptions({
    queryKey: ['effect', business, 'times', JSON.stringify(draft)] as const,
    queryFn: async ({ signal }) =>
      unwrap(
        api.POST('/api/businesses/{business}/drafts/times', {
          params: { path: { business } },
          body: { drafts: [draft] },
          signal,
        }),
      ),
    staleTime: 20_000, // ms
    retry: false,
  });

/** The next two weeks of a service as the page will show them, while it is being edited; any hour answers why not. */
export function NextTimes({ business, draft, zone }: Props) {
  const settled = useSettled(draft, 180); // ms
  const named = settled.kind === 'service' && settled.content !== null && settled.content.name !== '';
  const { data: answer, error } = useQuery({
    ...times(business, settled),
    placeholderData: keepPreviousData,
    enabled: named,
  });
  const [hour, setHour] = useState<{ date: string; minute: number } | null>(null);
  const data = answer?.times;
  const starts = data?.days.flatMap((day) => day.starts) ?? [];
  return (
    <aside className="effect" aria-label={say.nextTimesThisService} tabIndex={0}>
      <h2>{say.asClientsWillSee}</h2>
      {(answer?.findings ?? []).map((one) => (
        <Notice key={one.what}>
          {one.what} {one.advice}
        </Notice>
      ))}
      {!named && <p>{say.giveNameAndIts}</p>}
      {error !== null && <p>{say.whatTypedCannotBe({ message: refusalOf(error).message })}</p>}
      {data !== undefined && named && (
        <>
          <p className="effect-sum" role="status">
            {starts.length === 0 ? say.nothingCanBeBooked : say.startsToChoose({ count: starts.length })}
          </p>
          <p className="text-soft">{say.pressAnyHourTo}</p>
          <div className="effect-days">
            <div className="effect-row" aria-hidden="true">
              <span />
              <Hours from={data.ruler.from} to={data.ruler.to} />
              <span />
            </div>
            {data.days.map((day) => (
              <TimesRow
                key={day.date}
                day={day}
                ruler={data.ruler}
                onAsk={(minute) => setHour({ date: day.date, minute })}
              />
            ))}
          </div>
          <WhyNot
            key={`${hour?.date} ${hour?.minute}`}
            business={business}
            draft={settled}
            asked={hour ?? { date: data.today, minute: 10 * 60 }}
            at={hour !== null}
            zone={zone}
          />
        </>
      )}
    </aside>
  );
}

type RowProps = { day: Schemas['Day']; ruler: Schemas['DayStretch']; onAsk: (minute: number) => void };

function TimesRow({ day, ruler, onAsk }: RowProps) {
  const parts = dateParts(day.date);
  const wide = ruler.to - ruler.from;
  const left = (minute: number) => `${(100 * (minute - ruler.from)) / wide}%`;
  return (
    <div className="effect-row" data-monday={parts.monday}>
      <span className="effect-date">
        {parts.weekday} {parts.day}
      </span>
      <span
        className="effect-bar hatched effect-asks"
        onClick={(event) => {
          const box = event.currentTarget.getBoundingClientRect();
          onAsk(Math.round((ruler.from + ((event.clientX - box.left) / box.width) * wide) / 15) * 15);
        }}
      >
        {day.open.map((one) => (
          <i
            key={one.from}
            className="stays"
            style={{ left: left(one.from), width: `${(100 * (one.to - one.from)) / wide}%` }}
          />
        ))}
        {day.starts.map((one) => (
          <i key={one.at} className="start-tick" style={{ left: left(one.minute) }} />
        ))}
      </span>
      <span className="effect-count">{day.starts.length > 0 && day.starts.length}</span>
    </div>
  );
}

/** Sentences, each with the way to where its cause is set. */
function Reasons({ of }: { of: readonly Schemas['WhyNotReason'][] }) {
  const { business } = useSetup();
  return of.map(({ says, link }) => (
    <span key={says} className="block">
      {says}{' '}
      {link !== null && (
        <Link className="font-semibold" to={`/at/${business}/${link}`}>
          {say.goThere}
        </Link>
      )}
    </span>
  ));
}

type WhyProps = { business: string; draft: Draft; asked: { date: string; minute: number }; at: boolean; zone: string };

/** Which rules stand in the way at one hour, for each who could take it. */
function WhyNot({ business, draft, asked, at }: WhyProps) {
  const [date, setDate] = useState(asked.date);
  const [time, setTime] = useState(clockOf(asked.minute % 1440));
  const [wants, setWants] = useState(at);
  const { data, error } = useQuery({
    queryKey: ['effect', business, 'why', JSON.stringify(draft), date, time] as const,
    queryFn: async ({ signal }) =>
      unwrap(
        api.POST('/api/businesses/{business}/drafts/why', {
          params: { path: { business } },
          body: { drafts: [draft], at: `${date}T${time}` },
          signal,
        }),
      ),
    enabled: wants && readDate(date, date) === date && readClock(time) === time,
    placeholderData: keepPreviousData,
    retry: false,
  });
  const ask = (change: () => void) => {
    change();
    setWants(true);
  };
  return (
    <section className="why" aria-label={say.whyNot}>
      <div className="why-ask">
        <DateField
          id="why-date"
          label={say.whyNotOn}
          wrong={undefined}
          value={date}
          onValue={(next) => ask(() => setDate(next))}
        />
        <ClockField
          id="why-time"
          label={say.at}
          wrong={undefined}
          value={time}
          onValue={(next) => ask(() => setTime(next))}
        />
        {!wants && (
          <Button small onClick={() => setWants(true)}>
            {say.ask}
          </Button>
        )}
      </div>
      {error !== null && <Wrong as="p">{refusalOf(error).message}</Wrong>}
      {data !== undefined && (
        <div role="status">
          <p>
            <b>{(data.offered ? say.atOffered : say.atNotOffered)({ day: longDate(date), time: timeOfDay(time) })}</b>
          </p>
          <ul>
            {data.rows.map((row, i) => (
              <li key={i}>
                {(row.location === null ? say.whoAlone : say.whoWhere)({
                  who: listed(row.staff) || say.nobody,
                  where: row.location ?? '',
                })}{' '}
                {row.reasons.length === 0 ? <span className="opens">{say.free}</span> : <Reasons of={row.reasons} />}
              </li>
            ))}
          </ul>
        </div>
      )}
    </section>
  );
}

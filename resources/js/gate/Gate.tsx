import { useState } from 'react';
import { cityOf, clock, money, moment } from '../lib/format';
import { priceWords, termsWords } from '../offer/words';
import { AddOns } from './AddOns';
import { Almanac } from './Almanac';
import { DetailsForm } from './DetailsForm';
import { Foot } from './Foot';
import { Head } from './Head';
import { lineWords } from './lines';
import { pays, paysWhileHeld } from './pays';
import { Sentence } from './Sentence';
import { Slip } from './Slip';
import type { Page, Quote, Start, Times } from './types';
import { useGate } from './useGate';

const FILTERS = [
  ['any', 'Any time'],
  ['morning', 'Mornings'],
  ['afternoon', 'Afternoons'],
  ['evening', 'Evenings'],
] as const;

export function Gate({ page, times, quote }: { page: Page; times: Times | null; quote: Quote | null }) {
  return (
    <>
      <Head page={page} />
      {times === null || quote === null ? (
        <main className="mx-auto max-w-6xl px-5 py-8">
          <h1 className="text-2xl">Nothing to book just now</h1>
          <p>Come back a little later, or call.</p>
        </main>
      ) : (
        <GateWithTimes page={page} first={times} firstQuote={quote} />
      )}
      <Foot page={page} />
    </>
  );
}

function GateWithTimes({ page, first, firstQuote }: { page: Page; first: Times; firstQuote: Quote }) {
  const gate = useGate(page, first, firstQuote);
  const { ask, quote } = gate;
  const service = page.services.find((one) => one.id === ask.service);
  const [part, setPart] = useState<(typeof FILTERS)[number][0]>('any');
  const [weekends, setWeekends] = useState(false);
  if (service === undefined) {
    return null;
  }
  const zone = page.business.timeZone;
  const show = (start: Start, date: string) =>
    (part === 'any' || start.part === part) && (!weekends || [0, 6].includes(new Date(`${date}T12:00Z`).getUTCDay()));
  const held = gate.held;
  const currency = page.business.currency;
  const only = service.staff.length === 1 ? service.staff[0] : ask.staff;
  const who = page.staff.find((one) => one.id === only)?.name;
  const place =
    held?.location ??
    page.locations.find((one) => one.id === ask.location) ??
    page.locations.find((one) => service.locations.includes(one.id));
  const minutes = gate.start?.minutes ?? quote.minutes;
  const unpriced = held === null ? !quote.priced : held.payment === 'desk';
  const lines = held?.lines ?? quote.lines;
  const facts = {
    title: ask.party === 1 ? service.name : `${service.name}, ${ask.party} people`,
    start: held?.start ?? gate.start?.at ?? null,
    end: held?.end ?? (gate.start === null ? null : endOf(gate.start.at, minutes)),
    zone,
    who:
      held !== null
        ? `with ${held.staff.map((one) => one.name).join(' and ')}`
        : service.session
          ? 'in a group'
          : who === undefined
            ? 'with whoever is free'
            : `with ${who}`,
    where: [place?.name, place?.address].filter(Boolean).join(', '),
    lines: lines.map((line) => ({ label: lineWords(line, ask.party), amount: line.amount })),
    total: held?.total ?? quote.total,
    currency,
    atLeast: held === null && !quote.exact,
    unpriced: unpriced ? priceWords(service.price, currency) : undefined,
    pays: held === null ? pays(quote, service, currency) : paysWhileHeld(held),
    terms: termsWords(service.cancellation, currency),
  };
  const left = gate.start?.places ?? null;
  const none = gate.times.days.every((day) => !day.starts.some((start) => show(start, day.date)));
  return (
    <main className="mx-auto grid max-w-6xl gap-x-8 gap-y-4 px-5 py-6 lg:grid-cols-[minmax(0,1fr)_18.5rem]">
      {held === null ? (
        <div className="grid content-start gap-3.5">
          <Sentence page={page} ask={ask} onService={gate.chooseService} onChoose={gate.choose} />
          <div className="about" data-pictured={service.picture !== null}>
            {service.picture !== null && <img src={`/pictures/${service.picture}`} alt="" />}
            <p className="text-soft">{service.description}</p>
            <AddOns page={page} service={service} chosen={ask.addOns} onChoose={(addOns) => gate.choose({ addOns })} />
          </div>
          {gate.trouble !== null && (
            <div className="notice notice-trouble" role="alert">
              <p>{gate.trouble.message}</p>
              {gate.trouble.near !== undefined && gate.trouble.near.length > 0 && (
                <p className="mt-2 flex flex-wrap gap-2">
                  {gate.trouble.near.map((at) => (
                    <button
                      key={at}
                      type="button"
                      className="button button-small min-h-11!"
                      onClick={() => gate.pickAt(at)}
                    >
                      {moment(at, zone)}
                    </button>
                  ))}
                </p>
              )}
            </div>
          )}
          <div className="notice notice-good flex flex-wrap items-center gap-x-4 gap-y-1" id="soonest">
            <span>{gate.times.soonest.length > 0 ? 'Soonest' : 'Nothing is free in these two weeks.'}</span>
            {gate.times.soonest.map((start) => (
              <button
                key={start.at}
                type="button"
                className="min-h-11 font-bold underline underline-offset-4"
                onClick={() => gate.pick(start)}
              >
                {moment(start.at, zone)}
              </button>
            ))}
          </div>
          <div className="flex flex-wrap items-center gap-2" role="group" aria-label="Narrow the times">
            {FILTERS.map(([value, label]) => (
              <button
                key={value}
                type="button"
                className="chip"
                aria-pressed={part === value}
                onClick={() => setPart(value)}
              >
                {label}
              </button>
            ))}
            <button type="button" className="chip" aria-pressed={weekends} onClick={() => setWeekends(!weekends)}>
              Weekends
            </button>
          </div>
          <p className="text-sm text-soft">
            All times are {cityOf(zone)} time.
            {none && ' None of these two weeks fits what you narrowed it to.'}
          </p>
          <div className={gate.loading ? 'opacity-50' : ''} aria-busy={gate.loading}>
            <Almanac
              times={gate.times}
              show={show}
              chosen={gate.start?.at ?? null}
              onPick={gate.pick}
              closed={service.session ? 'no session' : 'closed'}
            />
          </div>
          <nav className="flex justify-between gap-3" aria-label="Weeks">
            <button
              type="button"
              className="button"
              disabled={gate.times.from <= gate.times.today}
              onClick={() => gate.turn(-1)}
            >
              Two weeks earlier
            </button>
            <button
              type="button"
              className="button"
              disabled={(gate.times.days.at(-1)?.date ?? '') >= gate.times.lastDay}
              onClick={() => gate.turn(1)}
            >
              Two weeks later
            </button>
          </nav>
        </div>
      ) : (
        <DetailsForm held={held} page={page} onLetGo={gate.letGo} />
      )}
      <div className="top-5 self-start lg:sticky">
        <Slip facts={facts}>
          {held === null && left !== null && (
            <p className="mb-2 text-sm text-soft">
              {left === 1 ? '1 place is' : `${left} places are`} left at this time.
            </p>
          )}
          {held === null && (
            <button
              type="button"
              id="keep"
              className="button button-next w-full max-lg:hidden!"
              disabled={gate.start === null || gate.keeping}
              onClick={gate.keep}
            >
              {gate.keeping ? 'One moment' : 'Keep this time'}
            </button>
          )}
        </Slip>
      </div>
      {held === null && gate.start !== null && (
        <div className="dock -mx-5 flex items-center gap-3 px-5 py-2.5 lg:hidden">
          <p className="flex-1 leading-tight">
            <b>{moment(gate.start.at, zone)}</b>
            <span className="block text-sm">
              {service.name}, {facts.unpriced ?? `${facts.atLeast ? 'from ' : ''}${money(facts.total, currency)}`}
            </span>
          </p>
          <button
            type="button"
            id="keep-small"
            className="button button-next"
            disabled={gate.keeping}
            onClick={gate.keep}
          >
            Keep this time
          </button>
        </div>
      )}
      <p className="sr-only" role="status">
        {gate.start === null
          ? ''
          : `${moment(gate.start.at, zone)} chosen, ends ${clock(endOf(gate.start.at, minutes), zone)}`}
      </p>
    </main>
  );
}

const endOf = (start: string, minutes: number): string =>
  `${new Date(Date.parse(start) + minutes * 60_000).toISOString().slice(0, 16)}Z`;

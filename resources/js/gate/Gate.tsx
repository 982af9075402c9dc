import { useState } from 'react';
import { cityOf, clock, duration, moment } from '../lib/format';
import { Almanac } from './Almanac';
import { priceWords } from '../offer/words';
import { DetailsForm } from './DetailsForm';
import { Foot } from './Foot';
import { Head } from './Head';
import { Sentence } from './Sentence';
import { Slip } from './Slip';
import type { Page, Start, Times } from './types';
import { useGate } from './useGate';

const FILTERS = [
  ['any', 'Any time'],
  ['morning', 'Mornings'],
  ['afternoon', 'Afternoons'],
  ['evening', 'Evenings'],
] as const;

export function Gate({ page, times }: { page: Page; times: Times | null }) {
  return (
    <>
      <Head page={page} />
      {times === null ? (
        <main className="mx-auto max-w-6xl px-5 py-8">
          <h1 className="text-2xl">Nothing to book just now</h1>
          <p>Come back a little later, or call.</p>
        </main>
      ) : (
        <GateWithTimes page={page} first={times} />
      )}
      <Foot page={page} />
    </>
  );
}

function GateWithTimes({ page, first }: { page: Page; first: Times }) {
  const gate = useGate(page, first);
  const service = page.services.find((one) => one.id === gate.service);
  const [part, setPart] = useState<(typeof FILTERS)[number][0]>('any');
  const [weekends, setWeekends] = useState(false);
  if (service === undefined) {
    return null;
  }
  const zone = page.business.timeZone;
  const show = (start: Start, date: string) =>
    (part === 'any' || start.part === part) && (!weekends || [0, 6].includes(new Date(`${date}T12:00Z`).getUTCDay()));
  const held = gate.held;
  const who = page.staff.find((one) => one.id === gate.staff)?.name;
  const place = held?.location ?? page.locations.find((one) => service.locations.includes(one.id));
  const unpriced = service.priceKind === 'from' || service.priceKind === 'on_request';
  const facts = {
    title: gate.party === 1 ? service.name : `${service.name}, ${gate.party} people`,
    start: held?.start ?? gate.start?.at ?? null,
    end: held?.end ?? (gate.start === null ? null : endOf(gate.start.at, service.minutes)),
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
    lines: [{ label: `${service.name}, ${duration(service.minutes)}`, amount: unpriced ? 0 : service.price }],
    total: unpriced ? 0 : service.price,
    currency: page.business.currency,
    unpriced: unpriced ? priceWords(service, page.business.currency) : undefined,
    pays: unpriced
      ? 'The price is settled when you come.'
      : service.price === 0
        ? 'Nothing to pay.'
        : service.payment === 'full'
          ? 'To pay now, by card.'
          : 'To pay when you come.',
  };
  const left = gate.start?.places ?? null;
  const none = gate.times.days.every((day) => !day.starts.some((start) => show(start, day.date)));
  return (
    <main className="mx-auto grid max-w-6xl gap-x-8 gap-y-4 px-5 py-6 lg:grid-cols-[minmax(0,1fr)_18.5rem]">
      {held === null ? (
        <div className="grid content-start gap-3.5">
          <Sentence
            page={page}
            service={gate.service}
            staff={gate.staff}
            onService={gate.chooseService}
            party={gate.party}
            onStaff={gate.chooseStaff}
            onParty={gate.chooseParty}
          />
          <p className="text-soft">{service.description}</p>
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
              {service.name}, {priceWords(service, page.business.currency)}
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
          : `${moment(gate.start.at, zone)} chosen, ends ${clock(endOf(gate.start.at, service.minutes), zone)}`}
      </p>
    </main>
  );
}

const endOf = (start: string, minutes: number): string =>
  `${new Date(Date.parse(start) + minutes * 60_000).toISOString().slice(0, 16)}Z`;

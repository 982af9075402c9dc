import { lazy, Suspense } from 'react';
import { Notice } from '../ui/Notice';
import { Button } from '../ui/Button';
import { cityOf, moment } from '../lib/format';
import { Trouble } from '../ui/Trouble';
import { AddOns } from './AddOns';
import { Almanac } from './Almanac';
import { Browse } from './Browse';
import { Narrow } from './Narrow';
import { Sentence } from './Sentence';
import { Soonest } from './Soonest';
import type { Page, Service } from './types';
import type { useGate } from './useGate';
import { useNarrowed } from './useNarrowed';
import { useOwnZone } from './useOwnZone';
import { withThen } from './visits';
import * as say from '@words/gate';
import './Finding.css';

/** Needed once somebody wants more than one service. */
const HowTheyFollow = lazy(async () => ({ default: (await import('./HowTheyFollow')).HowTheyFollow }));

/** Needed for groups. */
const SessionList = lazy(async () => ({ default: (await import('./SessionList')).SessionList }));

/** Needed where nothing is free. */
const Helps = lazy(async () => ({ default: (await import('./Helps')).Helps }));

type Props = { page: Page; service: Service; gate: ReturnType<typeof useGate> };

/** What somebody would like, and the times there are for it. */
export function Finding({ page, service, gate }: Props) {
  const { narrowed, show, narrow } = useNarrowed();
  const { ask, times } = gate;
  const zone = page.business.timeZone;
  const own = useOwnZone(
    zone,
    times.days.map(({ date }) => date),
  );
  const isLengthened = ask.then.length === 0 && Object.keys(ask.addOns).length > 0;
  const suits = times.days.some((day) => day.starts.some((start) => start.suits === true));
  const none = !times.days.some((day) => day.starts.some((start) => show(start, day.date)));
  return (
    <div className="grid content-start gap-3.5">
      <Sentence
        page={page}
        ask={ask}
        lasts={isLengthened ? gate.quote.minutes : undefined}
        onService={gate.chooseService}
        onChoose={gate.choose}
      />
      {ask.then.length > 0 && (
        <Suspense>
          <HowTheyFollow ask={ask} onChoose={gate.choose} />
        </Suspense>
      )}
      <div inert={gate.isStale}>
        <Soonest times={times} zone={own.zone} home={zone} onPick={gate.pick} onDay={gate.goTo} />
      </div>
      {page.services.length > 1 && <Browse page={page} onService={gate.chooseService} />}
      <div className="about" data-pictured={service.picture !== null}>
        {service.picture !== null && <img src={`/pictures/${service.picture}`} alt="" />}
        <div className="grid content-start gap-2">
          <p className="text-soft">{service.description}</p>
          {service.approval && <Notice id="asks-first">{say.askForTimeHere}</Notice>}
        </div>
        <AddOns page={page} service={service} chosen={ask.addOns} onChoose={(addOns) => gate.choose({ addOns })} />
        {ask.then.map((then, i) => (
          <AddOns
            key={i}
            page={page}
            service={page.services.find((one) => one.id === then.service) ?? service}
            isFurther
            chosen={then.addOns}
            onChoose={(addOns) => gate.choose({ then: withThen(ask.then, i, { addOns }) })}
          />
        ))}
      </div>
      {gate.trouble !== null && (
        <Trouble of={gate.trouble}>
          <p>{gate.trouble.message}</p>
          {gate.trouble.near !== undefined && gate.trouble.near.length > 0 && (
            <p className="mt-2 flex flex-wrap gap-2">
              {gate.trouble.near.map((at) => (
                <Button key={at} small className="min-h-11" onClick={() => gate.pickAt(at)}>
                  {moment(at, zone)}
                </Button>
              ))}
            </p>
          )}
        </Trouble>
      )}
      {!gate.isStale && times.days.every((day) => day.starts.length === 0) && (
        <Suspense>
          <Helps page={page} ask={ask} from={times.from} onChoose={gate.chooseFrom} />
        </Suspense>
      )}
      <Narrow times={times} narrowed={narrowed} hasHours={own.zone === zone} onNarrow={narrow} />
      <p className="text-sm text-soft">
        {say.zoneOfTimes({ zone: cityOf(own.zone) })}{' '}
        {own.other !== null && (
          <button type="button" id="own-zone" className="link" onClick={own.toggle}>
            {say.showZone({ zone: cityOf(own.other) })}
          </button>
        )}{' '}
        {none && times.days.some((day) => day.starts.length > 0) && say.noneFitsThem}
        {suits && (
          <span className="block">
            <span className="suits" aria-hidden="true" /> {say.suitsBest}
          </span>
        )}
      </p>
      <div className={gate.loading ? 'opacity-50' : ''} aria-busy={gate.loading} inert={gate.isStale}>
        {service.session ? (
          <Suspense>
            <SessionList page={page} times={times} show={show} chosen={gate.start?.at ?? null} onPick={gate.pick} />
          </Suspense>
        ) : (
          <Almanac times={times} show={show} chosen={gate.start?.at ?? null} hour={own.hour} onPick={gate.pick} />
        )}
      </div>
      <nav className="flex justify-between gap-3" aria-label={say.weeks}>
        <Button disabled={times.from <= times.today} onClick={() => gate.turn(-1)}>
          {say.twoWeeksEarlier}
        </Button>
        <Button disabled={(times.days.at(-1)?.date ?? '') >= times.lastDay} onClick={() => gate.turn(1)}>
          {say.twoWeeksLater}
        </Button>
      </nav>
    </div>
  );
}

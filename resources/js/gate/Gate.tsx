import { lazy, Suspense, useEffect } from 'react';
import { Button } from '../ui/Button';
import { endClock, moment } from '../lib/format';
import { Finding } from './Finding';
import { LateFoot } from './LateFoot';
import { Head } from './Head';
import { Slip } from './Slip';
import { bookedFacts, chosenFacts } from './slipFacts';
import type { First, Page, Quote, Times, VisitAsk } from './types';
import { useGate } from './useGate';
import * as say from '@words/gate';
import './Gate.css';

/** Needed where a time was left waiting. */
const Waiting = lazy(async () => ({ default: (await import('./Waiting')).Waiting }));

const details = () => import('./DetailsForm');
/** Needed once a time is kept: loaded when one is chosen. */
const DetailsForm = lazy(async () => ({ default: (await details()).DetailsForm }));

export function Gate({ page, times, quote, visit }: Omit<First, 'booking' | 'own' | 'known'>) {
  return (
    <>
      <Head page={page} />
      {times === null || quote === null ? (
        <main className="mx-auto max-w-6xl px-5 py-8">
          <h1 className="text-2xl">{say.nothingToBookJust}</h1>
          <p>{say.comeBackLittleLater}</p>
        </main>
      ) : (
        <GateWithTimes page={page} first={times} firstQuote={quote} visit={visit} />
      )}
      <LateFoot page={page} />
    </>
  );
}

type Props = { page: Page; first: Times; firstQuote: Quote; visit: VisitAsk | null };

function GateWithTimes({ page, first, firstQuote, visit }: Props) {
  const gate = useGate(page, first, firstQuote, visit);
  const { ask, held, start } = gate;
  useEffect(() => {
    if (start !== null) {
      void details();
    }
  }, [start]);
  const service = page.services.find((one) => one.id === ask.service);
  if (service === undefined) {
    return null;
  }
  const zone = page.business.timeZone;
  const facts = held === null ? chosenFacts(page, service, ask, gate.quote, start) : bookedFacts(held);
  const keep = service.approval ? say.keepThisTimeAnd : say.keepThisTime;
  const left = start?.places ?? null;
  return (
    <main className="mx-auto grid max-w-6xl gap-x-8 gap-y-4 px-5 py-6 lg:grid-cols-[minmax(0,1fr)_18.5rem]">
      {held === null ? (
        <div className="grid content-start gap-4">
          {gate.waiting !== null && (
            <Suspense>
              <Waiting booking={gate.waiting} onGoOn={gate.goOn} onLetGo={gate.letGo} />
            </Suspense>
          )}
          <Finding page={page} service={service} gate={gate} />
        </div>
      ) : (
        <Suspense fallback={<p role="status">{say.oneMoment}</p>}>
          <DetailsForm held={held} page={page} onBooking={gate.put} onLetGo={gate.letGo} />
        </Suspense>
      )}
      <div className="top-5 self-start lg:sticky">
        <Slip facts={facts}>
          {held === null && left !== null && <p className="mb-2 text-sm text-soft">{say.placesLeft({ left })}</p>}
          {held === null && (
            <Button
              id="keep"
              kind="next"
              className="w-full max-lg:hidden"
              disabled={start === null || gate.keeping}
              onClick={gate.keep}
            >
              {gate.keeping ? say.oneMoment : keep}
            </Button>
          )}
        </Slip>
      </div>
      {held === null && start !== null && (
        <div className="dock -mx-5 flex items-center gap-3 px-5 py-2.5 lg:hidden">
          <p className="flex-1 leading-tight">
            <b>{moment(start.at, zone)}</b>
            <span className="block text-sm">{say.titleAndTotal({ service: service.name, total: facts.total })}</span>
            {facts.terms !== undefined && facts.terms !== '' && <span className="block text-sm">{facts.terms}</span>}
          </p>
          <Button id="keep-small" kind="next" disabled={gate.keeping} onClick={gate.keep}>
            {keep}
          </Button>
        </div>
      )}
      <p className="sr-only" role="status">
        {start === null
          ? ''
          : say.chosenEnds({ start: moment(start.at, zone), end: endClock(start.at, facts.end ?? start.at, zone) })}
      </p>
    </main>
  );
}

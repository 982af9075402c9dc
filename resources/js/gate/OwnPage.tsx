import { buttonLook } from '../ui/Button';
import { day, listed, moment, money } from '../lib/format';
import { LateFoot } from './LateFoot';
import { Head } from './Head';
import type { Own, Page } from './types';
import * as say from '@words/gate';
import './BookingPage.css';

type Visit = Own['coming'][number];

/** All of a client's visits at a business, and their papers, by the link that was mailed to them. */
export function OwnPage({ own, page }: { own: Own; page: Page }) {
  const { timeZone, currency } = page.business;
  return (
    <>
      <Head page={page} />
      <main className="mx-auto grid max-w-3xl gap-8 px-5 py-8">
        <h1 className="said">{say.hello({ name: own.name })}</h1>
        <Visits title={say.toCome} none={say.nothingToCome} visits={own.coming} zone={timeZone} />
        <p>
          <a className={buttonLook({ kind: 'next' })} href={own.book}>
            {say.bookAnotherTime}
          </a>
        </p>
        {own.passed.length > 0 && <Visits title={say.passed} none="" visits={own.passed} zone={timeZone} />}
        {own.documents.length > 0 && (
          <section>
            <h2 className="text-2xl">{say.papers}</h2>
            <ul>
              {own.documents.map((paper) => (
                <li key={paper.link} className="flex flex-wrap items-baseline gap-x-3 border-b border-line py-2">
                  <a className="inline-flex min-h-11 flex-1 items-center font-semibold" href={paper.link}>
                    {say.paper({ kind: paper.kind, number: paper.number })}
                  </a>
                  <span className="text-soft">{day(paper.at, timeZone)}</span>
                  <b>{money(paper.amount, currency)}</b>
                </li>
              ))}
            </ul>
          </section>
        )}
      </main>
      <LateFoot page={page} />
    </>
  );
}

type VisitsProps = { title: string; none: string; visits: readonly Visit[]; zone: string };

function Visits({ title, none, visits, zone }: VisitsProps) {
  return (
    <section>
      <h2 className="text-2xl">{title}</h2>
      {visits.length === 0 && <p>{none}</p>}
      <ul>
        {visits.map((visit) => (
          <li
            key={visit.id}
            className="flex flex-wrap items-center justify-between gap-x-4 gap-y-1 border-b border-line py-2"
          >
            <span className="min-w-60 flex-1">
              <b>{moment(visit.start, zone)}</b>
              <span className="block">
                {say.ownVisit({ service: listed(visit.services), who: listed(visit.staff), place: visit.location })}
              </span>
              {visit.state !== 'confirmed' && (
                <span className="text-soft">{say.partState({ state: visit.state })}</span>
              )}
            </span>
            <span className="flex gap-3">
              <a className={buttonLook()} href={visit.link}>
                {say.seeIt}
              </a>
              <a className={buttonLook()} href={visit.again}>
                {say.bookSameAgain}
              </a>
            </span>
          </li>
        ))}
      </ul>
    </section>
  );
}

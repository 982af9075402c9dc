import type { ReactNode } from 'react';
import { cityOf, clock, day, endClock, money } from '../lib/format';
import * as say from '@words/gate';
import { rich } from '../language/rich';
import './Slip.css';

export type SlipFacts = {
  title: string;
  start: string | null;
  end: string | null;
  zone: string;
  who: string;
  /** Of a visit of several services, in words. */
  parts: readonly string[];
  where: string;
  lines: readonly { label: string; amount: number; free: boolean }[];
  /** What it costs altogether, in words. */
  total: string;
  /** The tax it includes, a sentence for each rate. */
  taxes: readonly string[];
  currency: string;
  pays: string;
  /** What cancelling costs; nothing where it is always free. */
  terms?: string;
  /** The least it costs: who takes it is still open. */
  atLeast?: boolean;
};

/** What it costs and what is agreed, line by line, with a torn edge. */
export function Slip({ facts, children }: { facts: SlipFacts; children?: ReactNode }) {
  return (
    <aside className="slip" aria-label={say.bookingSoFar}>
      <h2 className="text-xl">{facts.title}</h2>
      <p className="mt-1 mb-3 text-soft">
        {facts.start === null || facts.end === null ? (
          say.pickTimeThatSuits
        ) : (
          <>
            <b className="text-ink">{day(facts.start, facts.zone)}</b>
            <br />
            {rich(say.zoneTime, {
              from_to: (
                <b className="text-ink">
                  {say.fromTo({
                    from: clock(facts.start, facts.zone),
                    to: endClock(facts.start, facts.end, facts.zone),
                  })}
                </b>
              ),
              zone: cityOf(facts.zone),
            })}
            <OwnTime start={facts.start} zone={facts.zone} />
          </>
        )}
        <br />
        {facts.who !== '' && (
          <>
            {facts.who}
            <br />
          </>
        )}
        {facts.parts.map((part) => (
          <span key={part} className="block">
            {part}
          </span>
        ))}
        {facts.where}
      </p>
      {facts.lines.map((line, i) => (
        <p key={i} className="slip-line">
          <span>{line.label}</span>
          <span>{line.free ? say.free : money(line.amount, facts.currency)}</span>
        </p>
      ))}
      <p className="slip-line slip-total">
        <span>{say.total}</span>
        <span>{facts.total}</span>
      </p>
      <p className="pb-3 text-sm text-soft">
        {facts.taxes.map((tax) => (
          <span key={tax} className="block">
            {tax}
          </span>
        ))}
        {facts.pays}
        {facts.atLeast === true && <span className="block">{say.mayCostMore}</span>}
        {facts.terms !== undefined && facts.terms !== '' && <span className="mt-1 block">{facts.terms}</span>}
      </p>
      {children}
    </aside>
  );
}

/** The client's own clock beside the business's, where they differ. */
export function OwnTime({ start, zone }: { start: string; zone: string }) {
  const own = Intl.DateTimeFormat().resolvedOptions().timeZone;
  const theirs = `${day(start, zone)} ${clock(start, zone)}`;
  const mine = `${day(start, own)} ${clock(start, own)}`;
  return theirs === mine ? null : (
    <span className="block">{say.ownTime({ day: day(start, own), clock: clock(start, own), city: cityOf(own) })}</span>
  );
}

import { api, unwrap, type Schemas } from '../lib/api';
import { dateIn, duration, moment } from '../lib/format';
import { queryOf } from './ask';
import { useAsked } from './latest';
import type { Ask, Page } from './types';
import { WAIT } from './visits';
import * as say from '@words/gate';

type Found = Schemas['WhatHelps'];
type Way = Schemas['Way'];
type Props = { page: Page; ask: Ask; from: string; onChoose: (changes: Partial<Ask>, day: string) => void };

/** Nothing is free in these two weeks: what would help, each one press away, and whom to ask. */
export function Helps({ page, ask, from, onChoose }: Props) {
  const { slug, timeZone, phone, email } = page.business;
  const query = { ...queryOf(ask), from };
  const { answer } = useAsked(JSON.stringify([slug, query]), (signal) =>
    unwrap(api.GET('/gate-api/pages/{slug}/helps', { params: { path: { slug }, query }, signal })),
  );
  const { why, ways }: Found = answer ?? { why: '', ways: [] };
  return (
    <section className="grid gap-2" aria-label={say.whatWouldHelp}>
      {why !== '' && <p id="why-nothing">{why}</p>}
      {ways.length > 0 && <h2 className="text-xl">{say.whatWouldHelp}</h2>}
      {ways.map((way) => (
        <p key={way.kind + way.value}>
          <button
            type="button"
            className="link min-h-11"
            data-way={way.kind}
            onClick={() => onChoose(changesOf(way, ask.then), dateIn(way.at, timeZone))}
          >
            {say.wayFrom({ way: wordsOf(way, page), when: moment(way.at, timeZone) })}
          </button>
        </p>
      ))}
      {(phone !== '' || email !== '') && (
        <p>
          {say.orAskUs}{' '}
          {phone !== '' && (
            <a className="link" href={`tel:${phone}`}>
              {phone}
            </a>
          )}{' '}
          {email !== '' && (
            <a className="link" href={`mailto:${email}`}>
              {email}
            </a>
          )}
        </p>
      )}
    </section>
  );
}

function changesOf({ kind, value }: Way, then: Ask['then']): Partial<Ask> {
  switch (kind) {
    case 'anyone':
      return { staff: null, then: then.map((part) => ({ ...part, staff: null })) };
    case 'place':
      return { location: value };
    case 'minutes':
      return { minutes: Number(value) };
    case 'party':
      return { party: Number(value) };
    case 'bare':
      return { addOns: {} };
    case 'several':
      return { samePerson: false };
    case 'order':
      return { anyOrder: true };
    case 'wait':
      return { maxWait: WAIT };
  }
}

function wordsOf({ kind, value }: Way, page: Page): string {
  switch (kind) {
    case 'anyone':
      return say.withPeople({ who: say.anyone });
    case 'place':
      return say.atPlaceNamed({ place: page.locations.find((one) => one.id === value)?.name ?? '' });
    case 'minutes':
      return duration(Number(value));
    case 'party':
      return say.heads({ count: Number(value) });
    case 'bare':
      return say.withNothingAdded;
    case 'several':
      return say.bySeveralPeople;
    case 'order':
      return say.inAnyOrder;
    case 'wait':
      return say.waitIsFine({ minutes: WAIT });
  }
}

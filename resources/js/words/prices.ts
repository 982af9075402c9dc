import type { Schemas } from '../lib/api';
import { days, duration, money } from '../lib/format';
import * as say from '@words/words';

/** "from €20.00", "€20.00 a person", "free", "price on request". */
export function priceWords({ kind, amount, varies, perPerson }: Schemas['ShownPrice'], currency: string): string {
  switch (kind) {
    case 'free':
      return say.free;
    case 'on_request':
      return say.priceOnRequest;
    case 'from':
      return say.fromAmount({ amount: money(amount, currency) });
    case 'fixed':
      return fixedWords(amount, varies, perPerson, currency);
  }
}

function fixedWords(amount: number, varies: boolean, perPerson: boolean, currency: string): string {
  const from = varies ? say.fromAmount({ amount: money(amount, currency) }) : money(amount, currency);
  return amount === 0 && !varies ? say.free : perPerson ? say.perPerson({ amount: from }) : from;
}

/** "24 hours before", "3 days before": how long before the start something ends. */
export function beforeWords(minutes: number): string {
  if (minutes === 0) {
    return say.untilBegins;
  }
  return say.untilBefore({ time: minutes % 1440 === 0 && minutes > 1440 ? days(minutes / 1440) : duration(minutes) });
}

type Part = { amount: number | null; percent: string | null };

/** "50 % of the price" or "€15.00". */
export const partWords = ({ amount, percent }: Part, currency: string): string =>
  percent === null ? money(amount ?? 0, currency) : say.partOfPrice({ percent });

/** What cancelling costs, in a sentence; nothing where it is always free. */
export const termsWords = (terms: Schemas['CancellationContent'] | null, currency: string): string =>
  terms === null ? '' : say.terms({ until: beforeWords(terms.freeMinutes), cost: partWords(terms, currency) });

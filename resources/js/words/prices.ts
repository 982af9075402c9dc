import type { Schemas } from '../lib/api';
import { duration, money } from '../lib/format';

/** "from €20.00", "free", "price on request". */
export function priceWords({ kind, amount, varies }: Schemas['ShownPrice'], currency: string): string {
  switch (kind) {
    case 'free':
      return 'free';
    case 'on_request':
      return 'price on request';
    case 'from':
      return `from ${money(amount, currency)}`;
    case 'fixed':
      return `${varies ? 'from ' : ''}${amount === 0 && !varies ? 'free' : money(amount, currency)}`;
  }
}

/** "24 hours before", "3 days before": how long before the start something ends. */
export function beforeWords(minutes: number): string {
  if (minutes === 0) {
    return 'until it begins';
  }
  return `until ${minutes % 1440 === 0 && minutes > 1440 ? `${minutes / 1440} days` : duration(minutes)} before`;
}

type Part = { amount: number | null; percent: string | null };

/** "50 % of the price" or "€15.00". */
export const partWords = ({ amount, percent }: Part, currency: string): string =>
  percent === null ? money(amount ?? 0, currency) : `${percent} % of the price`;

/** What cancelling costs, in a sentence; nothing where it is always free. */
export const termsWords = (terms: Schemas['CancellationContent'] | null, currency: string): string =>
  terms === null
    ? ''
    : `Free to cancel ${beforeWords(terms.freeMinutes)}. After that it costs ${partWords(terms, currency)}.`;

export const PAYMENTS = [
  ['none', 'when they come'],
  ['optional', 'when they come, or at once if they like'],
  ['deposit', 'a deposit when booking, the rest when they come'],
  ['full', 'in full, when booking'],
  ['card_hold', 'when they come; a card is kept in case they do not'],
] as const;

export const VISIBILITIES = [
  ['page', 'everybody, on the page'],
  ['link', 'whoever has its link'],
  ['desk', 'only the desk'],
] as const;

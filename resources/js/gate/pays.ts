import { money } from '../lib/format';
import type { Quote, Service } from './types';

/** When and how it is paid, before a time is chosen. */
export function pays(quote: Quote, service: Service, currency: string): string {
  if (!quote.priced) {
    return 'The price is settled when you come.';
  }
  if (quote.keepsCard) {
    return 'Nothing to pay now. We ask for a card and keep it, in case you do not come.';
  }
  if (quote.total === 0) {
    return 'Nothing to pay.';
  }
  if (service.payment === 'optional') {
    return 'To pay now or when you come, as you like.';
  }
  return dueWords(quote.dueNow, quote.total, currency);
}

const dueWords = (now: number, total: number, currency: string): string =>
  now === 0
    ? 'To pay when you come.'
    : now === total
      ? 'To pay now, by card.'
      : `${money(now, currency)} to pay now, by card; the rest when you come.`;

import { money } from '../lib/format';
import type { Quote, Service } from './types';
import * as say from '@words/gate';

/** When and how it is paid, before a time is chosen. */
export function pays(quote: Quote, service: Service, currency: string): string {
  if (!quote.priced) {
    return say.priceSettledWhenCome;
  }
  if (quote.keepsCard) {
    return say.nothingToPayNow;
  }
  if (quote.total === 0) {
    return say.nothingToPay;
  }
  if (service.payment === 'optional') {
    return say.toPayNowOr;
  }
  return dueWords(quote.dueNow, quote.total, currency);
}

const dueWords = (now: number, total: number, currency: string): string =>
  now === 0 ? say.toPayWhenCome : now === total ? say.toPayNowBy : say.toPayNowByCard({ amount: money(now, currency) });

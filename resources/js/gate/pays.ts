import { money } from '../lib/format';
import type { Booking, Quote, Service } from './types';

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

/** The same of a time that is held. */
export function paysWhileHeld(held: Booking): string {
  switch (held.payment) {
    case 'desk':
      return 'The price is settled when you come.';
    case 'card_hold':
      return 'Nothing to pay now. We ask for a card and keep it, in case you do not come.';
    case 'optional':
      return held.total === 0 ? 'Nothing to pay.' : 'To pay now or when you come, as you like.';
    case 'none':
    case 'deposit':
    case 'full':
      return held.total === 0 ? 'Nothing to pay.' : dueWords(held.amounts.dueNow, held.total, held.currency);
  }
}

const dueWords = (now: number, total: number, currency: string): string =>
  now === 0
    ? 'To pay when you come.'
    : now === total
      ? 'To pay now, by card.'
      : `${money(now, currency)} to pay now, by card; the rest when you come.`;

/** How a booking stands: what has been paid, what is due, what went back. */
export function paid(booking: Booking): string {
  const due = money(booking.amounts.due, booking.currency);
  switch (booking.paid) {
    case 'paid':
      return 'Paid.';
    case 'part':
      return `${money(booking.amounts.paid, booking.currency)} paid, ${due} to pay when you come.`;
    case 'kept':
      return `${booking.amounts.due === 0 ? 'Nothing to pay.' : 'To pay when you come.'} Your card is kept; nothing was charged to it.`;
    case 'charging':
      return `${due} is being charged to your card, as agreed.`;
    case 'refunding':
      return booking.amounts.fee === null ? 'Is being paid back.' : 'The rest is being paid back.';
    case 'refunded':
      return booking.amounts.fee === null ? 'Paid back.' : 'The rest has been paid back.';
    case 'waiting':
      return 'Not paid yet.';
    case 'none':
      return booking.amounts.due === 0 ? 'Nothing to pay.' : 'To pay when you come.';
  }
}

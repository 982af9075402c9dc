import { listed, money } from '../lib/format';
import { priceWords, termsWords } from '../words/prices';
import { lineWords } from '../words/lines';
import { pays } from './pays';
import type { SlipFacts } from './Slip';
import type { Ask, Booking, Page, Quote, Service, Start } from './types';
import * as say from '@words/gate';

/** What the slip says while somebody chooses. */
export function chosenFacts(page: Page, service: Service, ask: Ask, quote: Quote, start: Start | null): SlipFacts {
  const currency = page.business.currency;
  const only = service.staff.length === 1 ? service.staff[0] : ask.staff;
  const who = page.staff.find((one) => one.id === only)?.name;
  const place =
    page.locations.find((one) => one.id === ask.location) ??
    page.locations.find((one) => service.locations.includes(one.id));
  return {
    title: say.serviceFor({ service: service.name, party: ask.party }),
    start: start?.at ?? null,
    end: start === null ? null : endOf(start.at, start.minutes ?? quote.minutes),
    zone: page.business.timeZone,
    who: service.session ? say.inGroup : who === undefined ? say.withWhoeverFree : say.withPeople({ who }),
    where: whereOf(place),
    lines: quote.lines.map((line) => lineFacts(line, ask.party)),
    taxes: taxWords(quote.includedTax, currency),
    total: quote.priced
      ? quote.exact
        ? money(quote.total, currency)
        : say.priceFrom({ amount: money(quote.total, currency) })
      : priceWords(service.price, currency),
    currency,
    atLeast: !quote.exact,
    pays: pays(quote, service, currency),
    terms: termsWords(service.cancellation, currency),
  };
}

/** The same of what is held or booked: told by the server, as on the card and in mails. */
export function bookedFacts(booking: Booking): SlipFacts {
  return {
    title: say.serviceFor({ service: booking.service.name, party: booking.party }),
    start: booking.start,
    end: booking.end,
    zone: booking.business.timeZone,
    who: booking.staff.length === 0 ? '' : say.withPeople({ who: listed(booking.staff.map((one) => one.name)) }),
    where: whereOf(booking.location),
    lines: booking.lines.map((line) => lineFacts(line, booking.party)),
    taxes: taxWords(booking.includedTax, booking.currency),
    total: booking.told.price,
    currency: booking.currency,
    pays: booking.told.money.join(' '),
    terms: booking.told.terms,
  };
}

const FREE = ['base', 'people', 'addOn'];

const lineFacts = (line: Quote['lines'][number], party: number) => ({
  label: lineWords(line, party),
  amount: line.amount,
  free: line.amount === 0 && FREE.includes(line.kind),
});

const taxWords = (taxes: Quote['includedTax'], currency: string): string[] =>
  taxes.map(({ name, percent, amount }) => say.includedTax({ name, percent, amount: money(amount, currency) }));

const whereOf = (place: { name: string; address: string } | undefined): string =>
  [place?.name ?? '', place?.address ?? ''].filter((part) => part !== '').join(', ');

export const endOf = (start: string, minutes: number): string =>
  `${new Date(Date.parse(start) + minutes * 60_000).toISOString().slice(0, 16)}Z`;

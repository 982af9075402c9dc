import { clock, dateIn, listed, moment, money } from '../lib/format';
import { priceWords } from '../words/prices';
import { lineWords } from '../words/lines';
import { headsOf } from './heads';
import { pays } from './pays';
import type { SlipFacts } from './Slip';
import type { Ask, Booking, Page, Quote, Service, Start } from './types';
import { servicesOf } from './visits';
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
    title: titleOf(
      servicesOf(page, ask).map((one) => one.name),
      service.heads,
      ask.party,
    ),
    start: start?.at ?? null,
    end: start === null ? null : endOf(start.at, start.minutes ?? quote.minutes),
    zone: page.business.timeZone,
    who: service.session
      ? say.inGroup
      : ask.then.length > 0
        ? say.oneAfterAnother
        : who === undefined
          ? say.withWhoeverFree
          : say.withPeople({ who }),
    parts: [],
    where: whereOf(place),
    lines: quote.lines.map((line) => lineFacts(line, ask.party, service.heads)),
    taxes: taxWords(quote.includedTax, currency),
    total: quote.priced
      ? quote.exact
        ? quote.total === 0
          ? say.free
          : money(quote.total, currency)
        : say.priceFrom({ amount: money(quote.total, currency) })
      : priceWords(service.price, currency),
    currency,
    atLeast: !quote.exact,
    pays: pays(quote, service, currency),
    terms: quote.terms,
  };
}

const titleOf = (names: string[], heads: Service['heads'], party: number): string =>
  party === 1 ? listed(names) : `${listed(names)}, ${headsOf(heads, party)}`;

/** The same of what is held or booked: told by the server, as on the card and in mails. */
export function bookedFacts(booking: Booking): SlipFacts {
  return {
    title: titleOf(namesOf(booking), booking.heads, booking.party),
    start: booking.start,
    end: booking.end,
    zone: booking.business.timeZone,
    who:
      booking.staff.length === 0 || booking.parts.length > 0
        ? ''
        : say.withPeople({ who: listed(booking.staff.map((one) => one.name)) }),
    parts: standing(booking).map((part) =>
      say.partOfVisit({
        time: timeOf(part.start, booking),
        service: part.service.name,
        who: listed(part.staff.map((one) => one.name)),
      }),
    ),
    where: whereOf(booking.location),
    lines: booking.lines.map((line) => lineFacts(line, booking.party, booking.heads)),
    taxes: taxWords(booking.includedTax, booking.currency),
    total: booking.told.price,
    currency: booking.currency,
    pays: booking.told.money.join(' '),
    terms: booking.told.terms,
  };
}

/** With its day, where the parts of the visit fall on several. */
const timeOf = (start: string, booking: Booking): string => {
  const zone = booking.business.timeZone;
  const isApart = standing(booking).some((part) => dateIn(part.start, zone) !== dateIn(booking.start, zone));
  return isApart ? moment(start, zone) : clock(start, zone);
};

/** The parts of a visit that are not over; all of them where all are. */
function standing(booking: Booking): Booking['parts'] {
  const still = booking.parts.filter((part) => !['cancelled', 'declined', 'expired'].includes(part.state));
  return still.length > 0 ? still : booking.parts;
}

/** What is booked: one service, or those of a visit. */
export const namesOf = (booking: Booking): string[] =>
  booking.parts.length === 0 ? [booking.service.name] : standing(booking).map((part) => part.service.name);

const FREE = ['base', 'people', 'addOn'];

const lineFacts = (line: Quote['lines'][number], party: number, heads: Service['heads']) => ({
  label: line.kind === 'people' && heads !== null ? headsOf(heads, party - 1) : lineWords(line, party),
  amount: line.amount,
  free: line.amount === 0 && FREE.includes(line.kind),
});

const taxWords = (taxes: Quote['includedTax'], currency: string): string[] =>
  taxes.map(({ name, percent, amount }) => say.includedTax({ name, percent, amount: money(amount, currency) }));

const whereOf = (place: { name: string; address: string } | undefined): string =>
  [place?.name ?? '', place?.address ?? ''].filter((part) => part !== '').join(', ');

export const endOf = (start: string, minutes: number): string =>
  `${new Date(Date.parse(start) + minutes * 60_000).toISOString().slice(0, 16)}Z`;

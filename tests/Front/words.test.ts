import assert from 'node:assert/strict';
import { test } from 'node:test';
import { lineWords } from '../../resources/js/gate/lines';
import { paid, pays, paysWhileHeld } from '../../resources/js/gate/pays';
import type { Booking, Quote, Service } from '../../resources/js/gate/types';
import { beforeWords, priceWords, termsWords } from '../../resources/js/offer/words';
import { fieldWord, valueWords } from '../../resources/js/setup/words';

test('says a price as it is', () => {
  assert.equal(priceWords({ kind: 'fixed', amount: 4800, varies: false }, 'EUR'), '€48.00');
  assert.equal(priceWords({ kind: 'fixed', amount: 4800, varies: true }, 'EUR'), 'from €48.00');
  assert.equal(priceWords({ kind: 'fixed', amount: 0, varies: false }, 'EUR'), 'free');
  assert.equal(priceWords({ kind: 'fixed', amount: 0, varies: true }, 'EUR'), 'from €0.00');
  assert.equal(priceWords({ kind: 'free', amount: 0, varies: false }, 'EUR'), 'free');
  assert.equal(priceWords({ kind: 'from', amount: 2000, varies: false }, 'JPY'), 'from JP¥2,000');
  assert.equal(priceWords({ kind: 'on_request', amount: 0, varies: false }, 'EUR'), 'price on request');
});

test('says until when cancelling is free, and what it costs after', () => {
  assert.equal(beforeWords(0), 'until it begins');
  assert.equal(beforeWords(90), 'until 1 hour 30 minutes before');
  assert.equal(beforeWords(1440), 'until 24 hours before');
  assert.equal(beforeWords(2880), 'until 2 days before');
  assert.equal(termsWords(null, 'EUR'), '');
  assert.equal(
    termsWords({ freeMinutes: 1440, amount: null, percent: '12.5' }, 'EUR'),
    'Free to cancel until 24 hours before. After that it costs 12.5 % of the price.',
  );
  assert.equal(
    termsWords({ freeMinutes: 60, amount: 1500, percent: null }, 'EUR'),
    'Free to cancel until 1 hour before. After that it costs €15.00.',
  );
});

test('says what each line is for', () => {
  const line = { kind: 'addOn', label: 'Clay', amount: 900, id: 'c' } as const;
  assert.equal(lineWords({ kind: 'base', label: 'Lesson', amount: 5000 }, 3), 'Lesson');
  assert.equal(lineWords({ kind: 'people', label: 'Lesson', amount: 5000 }, 2), '1 more person');
  assert.equal(lineWords({ kind: 'people', label: 'Lesson', amount: 5000 }, 4), '3 more people');
  assert.equal(lineWords({ ...line, quantity: 1 }, 1), 'Clay');
  assert.equal(lineWords({ ...line, quantity: 3 }, 1), '3 × Clay');
});

const quote: Quote = { minutes: 60, priced: true, exact: true, lines: [], total: 5000, dueNow: 0, keepsCard: false };
const lesson: Service = {
  id: 's', name: 'Lesson', initials: 'LE', colour: 'moss', pattern: 'bars', description: '', category: null, minutes: 60, lengths: [60],
  price: { kind: 'fixed', amount: 5000, varies: false }, payment: 'none', cancellation: null, picture: null, choosesStaff: true, session: false,
  largestParty: 1, locations: [], staff: [], addOns: [], approval: false,
}; // prettier-ignore

test('says before a time is chosen when it is paid', () => {
  assert.equal(pays(quote, lesson, 'EUR'), 'To pay when you come.');
  assert.equal(pays({ ...quote, dueNow: 5000 }, lesson, 'EUR'), 'To pay now, by card.');
  assert.equal(pays({ ...quote, dueNow: 1000 }, lesson, 'EUR'), '€10.00 to pay now, by card; the rest when you come.');
  assert.equal(pays(quote, { ...lesson, payment: 'optional' }, 'EUR'), 'To pay now or when you come, as you like.');
  assert.equal(pays({ ...quote, total: 0 }, { ...lesson, payment: 'optional' }, 'EUR'), 'Nothing to pay.');
  assert.match(pays({ ...quote, total: 0, keepsCard: true }, lesson, 'EUR'), /ask for a card and keep it/);
  assert.equal(pays({ ...quote, priced: false }, lesson, 'EUR'), 'The price is settled when you come.');
});

const amounts = { paid: 0, due: 5000, dueNow: 0, fee: null };
const booking: Booking = {
  id: 'b',
  business: { slug: 'yard', name: 'Yard', about: '', timeZone: 'Europe/Lisbon', currency: 'EUR', clock: 24, email: '', phone: '', links: [], logo: null, banner: null, hours: { mon: [], tue: [], wed: [], thu: [], fri: [], sat: [], sun: [] } },
  state: 'confirmed', start: '2027-03-01T09:00Z', end: '2027-03-01T10:00Z', service: { id: 's', name: 'Lesson', minutes: 60 }, staff: [],
  location: { id: 'l', name: 'Yard', address: '', directions: '', phone: '', link: '' }, lines: [], total: 5000, currency: 'EUR', payment: 'none', paid: 'none', amounts,
  terms: null, cancelCosts: 0, pay: null, heldUntil: null, heldSeconds: null, client: null, note: '', party: 1, mayCancel: true, link: '', query: '',
}; // prettier-ignore

test('says how a booking stands', () => {
  const stands = (changes: Partial<Booking>): string => paid({ ...booking, ...changes });
  assert.equal(stands({}), 'To pay when you come.');
  assert.equal(stands({ amounts: { ...amounts, due: 0 } }), 'Nothing to pay.');
  assert.equal(stands({ paid: 'paid' }), 'Paid.');
  assert.equal(stands({ paid: 'waiting' }), 'Not paid yet.');
  assert.equal(
    stands({ paid: 'part', amounts: { ...amounts, paid: 1500, due: 3500 } }),
    '€15.00 paid, €35.00 to pay when you come.',
  );
  assert.equal(
    stands({ paid: 'kept', amounts: { ...amounts, due: 0 } }),
    'Nothing to pay. Your card is kept; nothing was charged to it.',
  );
  assert.equal(
    stands({ paid: 'charging', amounts: { ...amounts, due: 2400, fee: 2400 } }),
    '€24.00 is being charged to your card, as agreed.',
  );
  assert.equal(stands({ paid: 'refunding' }), 'Is being paid back.');
  assert.equal(stands({ paid: 'refunded', amounts: { ...amounts, fee: 2400 } }), 'The rest has been paid back.');
});

test('says of a held time what is paid when', () => {
  const held = (changes: Partial<Booking>): string => paysWhileHeld({ ...booking, state: 'held', ...changes });
  assert.equal(held({ payment: 'desk', total: 0 }), 'The price is settled when you come.');
  assert.equal(held({ payment: 'optional' }), 'To pay now or when you come, as you like.');
  assert.equal(held({ payment: 'optional', total: 0 }), 'Nothing to pay.');
  assert.equal(held({ payment: 'full', amounts: { ...amounts, dueNow: 5000 } }), 'To pay now, by card.');
  assert.match(held({ payment: 'card_hold' }), /keep it/);
});

test('tells a change in words, with amounts as amounts', () => {
  const names = new Map([['01A', 'Alva']]);
  const says = (value: unknown, field: string): string => valueWords(value, names, 'EUR', field);
  assert.equal(fieldWord('clearup'), 'Clear-up');
  assert.equal(fieldWord('unheardOf'), 'unheardOf');
  assert.equal(says(null, 'note'), 'nothing');
  assert.equal(says(true, 'active'), 'yes');
  assert.equal(says(['01A', 'x'], 'staff'), 'Alva, x');
  assert.equal(says(1200, 'price'), '€12.00');
  assert.equal(says(30, 'minutes'), '30');
  assert.equal(
    says(
      {
        kind: 'fixed',
        amount: 4800,
        byMinutes: [],
        perStep: null,
        byStaff: [{ staff: '01A', amount: 5600 }],
        perPerson: false,
        extraPeople: [200],
      },
      'pricing',
    ),
    'fixed, €48.00, with Alva, €56.00, each more person €2.00',
  );
  assert.equal(
    says({ mon: [{ from: '09:00', to: '12:00' }], tue: [], wed: [], thu: [], fri: [], sat: [], sun: [] }, 'hours'),
    'mon 9-12',
  );
});

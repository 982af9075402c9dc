import assert from 'node:assert/strict';
import { test } from 'vitest';
import { lineWords } from '../../resources/js/words/lines';
import { pays } from '../../resources/js/gate/pays';
import type { Quote, Service } from '../../resources/js/gate/types';
import { beforeWords, priceWords, termsWords } from '../../resources/js/words/prices';
import { fieldWord, mostADay, valueWords } from '../../resources/js/setup/words';

test('says a price as it is', () => {
  assert.equal(priceWords({ kind: 'fixed', amount: 4800, varies: false, perPerson: false }, 'EUR'), '€48.00');
  assert.equal(priceWords({ kind: 'fixed', amount: 900, varies: false, perPerson: true }, 'EUR'), '€9.00 a person');
  assert.equal(priceWords({ kind: 'fixed', amount: 4800, varies: true, perPerson: false }, 'EUR'), 'from €48.00');
  assert.equal(priceWords({ kind: 'fixed', amount: 0, varies: false, perPerson: false }, 'EUR'), 'free');
  assert.equal(priceWords({ kind: 'fixed', amount: 0, varies: true, perPerson: false }, 'EUR'), 'from €0.00');
  assert.equal(priceWords({ kind: 'free', amount: 0, varies: false, perPerson: false }, 'EUR'), 'free');
  assert.equal(priceWords({ kind: 'from', amount: 2000, varies: false, perPerson: false }, 'JPY'), 'from JP¥2,000');
  assert.equal(
    priceWords({ kind: 'on_request', amount: 0, varies: false, perPerson: false }, 'EUR'),
    'price on request',
  );
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
  assert.equal(lineWords({ kind: 'surcharge', label: 'After six', amount: 500, id: 's' }, 1), 'After six');
  assert.equal(lineWords({ kind: 'tax', label: 'VAT', amount: 1035, id: 'v', line: 0 }, 1), 'VAT');
  assert.equal(lineWords({ kind: 'frequency', label: 'Lesson', amount: -600 }, 1), 'Lesson, as you come often');
  assert.equal(lineWords({ kind: 'covered', label: 'Lesson', amount: -5000 }, 1), 'Covered');
  assert.equal(lineWords({ kind: 'code', label: 'FRIENDS', amount: -480, id: 'f' }, 1), 'Code FRIENDS');
});

const quote: Quote = {
  minutes: 60,
  priced: true,
  exact: true,
  lines: [],
  includedTax: [],
  total: 5000,
  dueNow: 0,
  keepsCard: false,
  terms: '',
};
const lesson: Service = {
  id: 's',
  name: 'Lesson',
  initials: 'LE',
  colour: 'moss',
  pattern: 'bars',
  description: '',
  category: null,
  minutes: 60,
  lengths: [60],
  price: { kind: 'fixed', amount: 5000, varies: false, perPerson: false },
  payment: 'none',
  cancellation: null,
  picture: null,
  choosesStaff: true,
  session: false,
  largestParty: 1,
  heads: null,
  locations: [],
  staff: [],
  addOns: [],
  approval: false,
  joins: true,
};

test('says before a time is chosen when it is paid', () => {
  assert.equal(pays(quote, lesson, 'EUR'), 'To pay when you come.');
  assert.equal(pays({ ...quote, dueNow: 5000 }, lesson, 'EUR'), 'To pay now, by card.');
  assert.equal(pays({ ...quote, dueNow: 1000 }, lesson, 'EUR'), '€10.00 to pay now, by card; the rest when you come.');
  assert.equal(pays(quote, { ...lesson, payment: 'optional' }, 'EUR'), 'To pay now or when you come, as you like.');
  assert.equal(pays({ ...quote, total: 0 }, { ...lesson, payment: 'optional' }, 'EUR'), 'Nothing to pay.');
  assert.match(pays({ ...quote, total: 0, keepsCard: true }, lesson, 'EUR'), /ask for a card and keep it/);
  assert.equal(pays({ ...quote, priced: false }, lesson, 'EUR'), 'The price is settled when you come.');
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

test('does not write as a number what cannot be read yet', () => {
  assert.deepEqual([null, 3, -1].map(mostADay), [
    'any number a day',
    'at most 3 a day',
    'the limit cannot be read yet',
  ]);
});

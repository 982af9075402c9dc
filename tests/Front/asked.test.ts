import assert from 'node:assert/strict';
import { test } from 'vitest';
import { askedFor } from '../../resources/js/gate/Asked';
import type { Page } from '../../resources/js/gate/types';
import {
  clock,
  dateIn,
  day,
  duration,
  endClock,
  moment,
  money,
  shortDuration,
  writeHoursOf,
} from '../../resources/js/lib/format';
import { pricesFor } from '../../resources/js/offer/PriceByLength';
import { FRESH, type ServiceContent } from '../../resources/js/offer/service';

type Question = Page['questions'][number];
const question = (id: string, more: Partial<Question> = {}): Question => ({
  id,
  text: id,
  type: 'short',
  choices: [],
  required: false,
  services: null,
  shownIf: null,
  parameter: '',
  ...more,
});

test('asks what is for the service, and what follows an earlier answer once it is given', () => {
  const questions = [
    question('before', { type: 'yesno' }),
    question('when', { shownIf: { question: 'before', answer: 'yes' } }),
    question('likes', { type: 'choices' }),
    question('glaze', { shownIf: { question: 'likes', answer: 'glaze' } }),
    question('other', { services: ['firing'] }),
    question('from', { type: 'hidden' }),
  ];
  const asked = (answers: Record<string, string | string[]>): string[] =>
    askedFor(questions, ['lesson'], answers).map((one) => one.id);
  assert.deepEqual(asked({}), ['before', 'likes']);
  assert.deepEqual(asked({ before: 'no' }), ['before', 'likes']);
  assert.deepEqual(asked({ before: 'yes', likes: ['clay', 'glaze'] }), ['before', 'when', 'likes', 'glaze']);
});

test('writes times in the zone that is named, dates with their weekday, amounts with their currency', () => {
  assert.equal(clock('2027-03-28T09:05Z', 'Europe/Lisbon'), '10:05');
  assert.equal(clock('2027-03-27T09:05Z', 'Europe/Lisbon'), '9:05');
  assert.equal(clock('2027-03-01T00:30Z', 'Europe/Lisbon'), '0:30');
  assert.equal(day('2027-03-01T23:30Z', 'Asia/Tokyo'), 'Tuesday 2 March');
  assert.equal(dateIn('2027-03-01T23:30Z', 'Asia/Tokyo'), '2027-03-02');
  assert.equal(moment('2027-03-01T09:00Z', 'Europe/Lisbon'), 'Mon 1 Mar, 9:00');
  assert.equal(money(123456, 'EUR'), '€1,234.56');
  assert.equal(money(500, 'JPY'), 'JP¥500');
  writeHoursOf(12);
  assert.equal(clock('2027-03-01T13:05Z', 'Europe/Lisbon'), '1:05 pm');
  writeHoursOf(24);
});

test('writes lengths in words', () => {
  assert.deepEqual([45, 60, 90, 120, 840].map(duration), [
    '45 minutes',
    '1 hour',
    '1 hour 30 minutes',
    '2 hours',
    '14 hours',
  ]);
  assert.deepEqual([45, 60, 90].map(shortDuration), ['45 min', '1 h', '1 h 30']);
});

test('keeps the prices of lengths that stay, and begins new ones with what is usual', () => {
  const content = (of: Partial<ServiceContent['pricing']>): ServiceContent => ({
    ...FRESH,
    pricing: { ...FRESH.pricing, amount: 4800, ...of },
  });
  const listed = pricesFor(content({}), [60, 90], null);
  assert.deepEqual(listed.byMinutes, [
    { minutes: 60, amount: 4800 },
    { minutes: 90, amount: 4800 },
  ]);
  const kept = pricesFor(
    content({
      byMinutes: [
        { minutes: 60, amount: 4800 },
        { minutes: 90, amount: 6600 },
      ],
    }),
    [90, 120, 120],
    null,
  );
  assert.deepEqual(kept.byMinutes, [
    { minutes: 90, amount: 6600 },
    { minutes: 120, amount: 4800 },
  ]);
  assert.equal(pricesFor(content({}), [], { min: 30, max: 90, step: 30 }).perStep, 4800);
  const one = pricesFor(content({ amount: 0, perStep: 900 }), [], null);
  assert.deepEqual([one.amount, one.perStep, one.byMinutes], [900, null, []]);
});

test('an end on another date is written with it', () => {
  const start = '2026-12-03T18:00Z';
  assert.equal(endClock(start, '2026-12-03T19:30Z', 'Europe/Lisbon'), clock('2026-12-03T19:30Z', 'Europe/Lisbon'));
  assert.equal(endClock(start, '2026-12-04T08:00Z', 'Europe/Lisbon'), moment('2026-12-04T08:00Z', 'Europe/Lisbon'));
  assert.match(endClock(start, '2026-12-04T08:00Z', 'Europe/Lisbon'), /4/);
});

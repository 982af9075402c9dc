import assert from 'node:assert/strict';
import { test } from 'vitest';
import { differencesOn } from '../../resources/js/roster/differences';
import { draftsOf, isForNobody, isWide, type Wish } from '../../resources/js/roster/datesWish';

const NOTHING: Wish = {
  what: null,
  whose: null,
  people: [],
  place: '',
  name: '',
  typed: '',
  times: { from: '00:00', to: '00:00' },
};
const DAYS = { first: '2027-03-01', last: '2027-03-02' };
const YEAR = {
  year: 2027,
  today: '2027-03-01',
  specialDays: [
    { id: 'd1', version: 'v1', content: { date: '2027-03-02', staff: 'ana', location: null, hours: [] } },
    { id: 'd2', version: 'v2', content: { date: '2027-03-09', staff: null, location: 'mill', hours: [] } },
  ],
  closures: [
    {
      id: 'c1',
      version: 'v3',
      content: { name: 'Fair', from: '2027-02-28T00:00', to: '2027-03-01T00:00', staff: null },
    },
    {
      id: 'c2',
      version: 'v4',
      content: { name: '', from: '2027-03-02T12:00', to: '2027-03-05T00:00', staff: ['ana'] },
    },
  ],
  timeOffs: [],
};
const wish = (changes: Partial<Wish>): Wish => ({ ...NOTHING, ...changes });

test('nothing is drafted before all is said', () => {
  assert.deepEqual(draftsOf(NOTHING, DAYS, YEAR), []);
  assert.deepEqual(draftsOf(wish({ what: 'closed' }), DAYS, YEAR), []);
  assert.deepEqual(draftsOf(wish({ what: 'special', whose: 'everyone', typed: 'nine' }), DAYS, YEAR), []);
  assert.deepEqual(draftsOf(wish({ what: 'special', whose: 'location' }), DAYS, YEAR), []);
  assert.deepEqual(draftsOf(wish({ what: 'off', whose: 'people' }), DAYS, YEAR), []);
  assert.equal(isForNobody(wish({ what: 'off' })), true);
  assert.equal(isForNobody(wish({ what: 'closed', whose: 'everyone' })), false);
});

test('a closure and time off reach to the end of the last day, or to its hour', () => {
  const closed = draftsOf(wish({ what: 'closed', whose: 'everyone', name: 'Fair' }), DAYS, YEAR);
  assert.deepEqual(
    closed.map(({ kind, content }) => [kind, content]),
    [['closure', { name: 'Fair', from: '2027-03-01T00:00', to: '2027-03-03T00:00', staff: null }]],
  );
  const off = draftsOf(
    wish({ what: 'off', whose: 'people', people: ['ana', 'bo'], times: { from: '09:00', to: '12:00' } }),
    DAYS,
    YEAR,
  );
  assert.deepEqual(
    off.map(({ content }) => content),
    ['ana', 'bo'].map((staff) => ({ staff, name: '', from: '2027-03-01T09:00', to: '2027-03-02T12:00' })),
  );
});

test('a special day is one a date and person; one that is there is changed', () => {
  const found = draftsOf(wish({ what: 'special', whose: 'people', people: ['ana'], typed: '9-12' }), DAYS, YEAR);
  assert.deepEqual(
    found.map(({ id, version }) => [id, version]),
    [
      [null, null],
      ['d1', 'v1'],
    ],
  );
});

test('more than a month is said once more', () => {
  assert.equal(isWide({ first: '2027-03-01', last: '2027-03-31' }), false);
  assert.equal(isWide({ first: '2027-03-01', last: '2027-04-01' }), true);
});

test('what is different is found on the chosen dates alone, with whose it is', () => {
  const found = differencesOn(YEAR, DAYS, (id) => id.toUpperCase());
  assert.deepEqual(
    found.map(({ id, who }) => [id, who]),
    [
      ['d1', 'ANA'],
      ['c2', 'ANA'],
    ],
  );
});

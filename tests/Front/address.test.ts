import { afterEach, expect, test } from 'vitest';
import { addressOf } from '../../resources/js/gate/address';

const ask = {
  service: 's1',
  staff: null,
  party: 1,
  minutes: null,
  location: null,
  addOns: {},
  then: [],
  maxWait: 0,
  anyOrder: false,
  samePerson: false,
};
const at = (search: string) => window.history.replaceState(null, '', `/book/mill${search}`);
afterEach(() => at(''));

test('marks of somebody else stay in the address, whatever is chosen', () => {
  at('?from=instagram&campaign=spring&code=TEN');
  const query = new URLSearchParams(addressOf(ask, '2027-03-08', '2027-03-01'));
  expect(Object.fromEntries(query)).toEqual({
    from: 'instagram',
    campaign: 'spring',
    code: 'TEN',
    service: 's1',
    day: '2027-03-08',
  });
});

test('a date that an older link has in it is said as the day, and once', () => {
  at('?from=2027-03-08');
  expect(addressOf(ask, '2027-03-15', '2027-03-01')).toBe('?service=s1&day=2027-03-15');
});

import assert from 'node:assert/strict';
import { test } from 'vitest';
import { readClock } from '../../resources/js/lib/clock';
import { readDate } from '../../resources/js/lib/date';
import { readLength, writeLength } from '../../resources/js/lib/length';

test('reads lengths as people type them, and nothing else', () => {
  const lengths: Record<string, number | null> = {
    '90': 90,
    '1h30': 90,
    '1 h 30': 90,
    '1 h 30 min': 90,
    '1:30': 90,
    '1.5 h': 90,
    '1,5h': 90,
    '24h': 1440,
    '2 days': 2880,
    '1 day 2 h': 1560,
    '1 hour and 15 minutes': 75,
    '3 weeks': 30_240,
    ' 45 min ': 45,
    '0': 0,
    '': null,
    soon: null,
    '30 h 2 days': null,
    '1 fortnight': null,
    '1.3333 min': null,
    '-5': null,
    '1h30x': null,
  };
  for (const [typed, minutes] of Object.entries(lengths)) {
    assert.equal(readLength(typed), minutes, typed);
  }
  assert.equal(readLength('60', 'day'), 60 * 1440);
  assert.equal(readLength('8 weeks', 'day'), 56 * 1440);
});

test('writes a length so that it is read as the same', () => {
  for (const minutes of [0, 5, 45, 60, 75, 90, 120, 1440, 1500, 2880]) {
    assert.equal(readLength(writeLength(minutes)), minutes, writeLength(minutes));
  }
  assert.deepEqual([writeLength(1440), writeLength(2880), writeLength(90)], ['1 day', '2 days', '1 h 30']);
});

test('reads times of day on both kinds of clocks', () => {
  const times: Record<string, string | null> = {
    '9': '09:00',
    '9:30': '09:30',
    '9.30': '09:30',
    '930': '09:30',
    '0930': '09:30',
    '9 am': '09:00',
    '9:30pm': '21:30',
    '12 am': '00:00',
    '12pm': '12:00',
    '1 p.m.': '13:00',
    '14h30': '14:30',
    noon: '12:00',
    '23:59': '23:59',
    '24': null,
    '9:60': null,
    '13 pm': null,
    '0 am': null,
    '': null,
    later: null,
  };
  for (const [typed, time] of Object.entries(times)) {
    assert.equal(readClock(typed), time, typed);
  }
});

test('reads dates, and without a year the next such day', () => {
  const today = '2026-11-25'; // a Wednesday
  const dates: Record<string, string | null> = {
    '2027-03-15': '2027-03-15',
    '15 mar': '2027-03-15',
    '15 March 2028': '2028-03-15',
    'Mon 15 March 2027': '2027-03-15',
    '30 nov': '2026-11-30',
    '15.3.': '2027-03-15',
    '15/3/2027': '2027-03-15',
    today: today,
    tomorrow: '2026-11-26',
    fri: '2026-11-27',
    wed: today,
    'next wed': '2026-12-02',
    '+6w': '2027-01-06',
    '-3d': '2026-11-22',
    '31 feb': null,
    '2027-13-01': null,
    '15 smarch': null,
    '': null,
    soon: null,
  };
  for (const [typed, date] of Object.entries(dates)) {
    assert.equal(readDate(typed, today), date, typed);
  }
});

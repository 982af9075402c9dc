import assert from 'node:assert/strict';
import { test } from 'vitest';
import { hourOfDay, minuteOfDay, timeOfDay, writeHoursOf } from '../../resources/js/lib/format';
import {
  axisOf,
  clockOf,
  copied,
  outside,
  readHours,
  shortClock,
  spans,
  windowsOf,
} from '../../resources/js/hours/hours';
import { writeHours } from '../../resources/js/hours/week';

const written = (typed: string): string | null => {
  const windows = readHours(typed);
  return windows === null ? null : windows.map((one) => `${one.from}-${one.to}`).join(' ');
};

test('reads hours as people type them', () => {
  const typed: Record<string, string> = {
    '9-12:30, 13:30-18': '09:00-12:30 13:30-18:00',
    '9.15–10; 11 to 12': '09:15-10:00 11:00-12:00',
    '22-6': '22:00-06:00',
    '0-24': '00:00-24:00',
    ' 9-10 ,, ': '09:00-10:00',
    '': '',
  };
  for (const [from, to] of Object.entries(typed)) {
    assert.equal(written(from), to, from);
  }
});

test('refuses what is no hour', () => {
  for (const typed of ['9', '9-', '9-25', '24-3', '9-24:30', '9:60-10', 'all day', '9-12-15', '9-12 13-18']) {
    assert.equal(written(typed), null, typed);
  }
});

test('writes hours as short as they can be read again', () => {
  assert.equal(
    writeHours([
      { from: '09:00', to: '12:30' },
      { from: '13:30', to: '24:00' },
    ]),
    '9-12:30, 13:30-24',
  );
  assert.equal(writeHours(undefined), '');
  assert.equal(writeHours(readHours('00-9:05') ?? []), '0-9:05');
});

test('counts a stretch past midnight beyond the day', () => {
  assert.deepEqual(spans([{ from: '22:00', to: '06:00', at: 'mill' }]), [{ from: 1320, to: 1800, at: 'mill' }]);
  assert.deepEqual(spans([{ from: '09:00', to: '09:00' }]), [{ from: 540, to: 1980 }]);
  assert.equal(clockOf(1800), '06:00');
  assert.equal(clockOf(1440), '24:00');
  assert.equal(shortClock(615), '10:15');
});

test('makes one of what overlaps or touches for the same place, and leaves other places alone', () => {
  assert.deepEqual(
    windowsOf([
      { from: 720, to: 780 },
      { from: 540, to: 600 },
      { from: 600, to: 730 },
    ]),
    [{ from: '09:00', to: '13:00' }],
  );
  assert.deepEqual(
    windowsOf([
      { from: 540, to: 600, at: 'mill' },
      { from: 570, to: 660, at: 'yard' },
    ]),
    [
      { from: '09:00', to: '10:00', at: 'mill' },
      { from: '09:30', to: '11:00', at: 'yard' },
    ],
  );
  assert.deepEqual(
    windowsOf([
      { from: 0, to: 1440 },
      { from: 600, to: 2000 },
    ]),
    [{ from: '00:00', to: '24:00' }],
    'never longer than a day',
  );
});

test('says what lies outside', () => {
  const day = [{ from: 480, to: 1080 }];
  assert.deepEqual(outside(day, [{ from: 540, to: 1020 }]), [
    { from: 480, to: 540 },
    { from: 1020, to: 1080 },
  ]);
  assert.deepEqual(outside(day, []), day);
  assert.deepEqual(outside(day, [{ from: 0, to: 1440 }]), []);
  assert.deepEqual(
    outside(day, [
      { from: 480, to: 600 },
      { from: 660, to: 1080 },
    ]),
    [{ from: 600, to: 660 }],
  );
});

test('draws from 6 to 22, and wider where there is more', () => {
  const none = { mon: [], tue: [], wed: [], thu: [], fri: [], sat: [], sun: [] };
  assert.deepEqual(axisOf([null, undefined, none]), { from: 360, to: 1320 });
  assert.deepEqual(axisOf([{ ...none, sat: [{ from: '05:30', to: '23:15' }] }]), { from: 300, to: 1440 });
  assert.deepEqual(axisOf([{ ...none, sun: [{ from: '22:00', to: '06:00' }] }]), { from: 360, to: 1440 });
});

test('copies the stretches of the day they come from, not something else', () => {
  const table = {
    mon: [{ from: '09:00', to: '12:00' }],
    tue: [{ from: '10:00', to: '11:00' }],
    wed: [],
    thu: [],
    fri: [],
    sat: [],
    sun: [],
  };
  const copy = copied(table, 'mon', ['tue', 'sun']);
  assert.deepEqual([copy.mon, copy.tue, copy.wed, copy.sun], [table.mon, table.mon, [], table.mon]);
});

test('writes hours as a business of 12 hours does, and reads them back', () => {
  writeHoursOf(12);
  try {
    const windows = [
      { from: '09:00', to: '12:30' },
      { from: '13:30', to: '18:00' },
    ];
    assert.equal(writeHours(windows), '9 am-12:30 pm, 1:30 pm-6 pm');
    assert.deepEqual(readHours(writeHours(windows)), windows);
    assert.deepEqual([hourOfDay(0), hourOfDay(14), hourOfDay(24)], ['12 am', '2 pm', '12 am']);
    assert.deepEqual([minuteOfDay(870), timeOfDay('00:15'), timeOfDay('soon')], ['2:30 pm', '12:15 am', 'soon']);
  } finally {
    writeHoursOf(24);
  }
});

import { act, cleanup, fireEvent, render, screen } from '@testing-library/react';
import { useState } from 'react';
import { afterEach, expect, test, vi } from 'vitest';
import { writeHoursOf } from '../../resources/js/lib/format';
import { Choice } from '../../resources/js/ui/Choice';
import { ClockField } from '../../resources/js/ui/ClockField';
import { LinesField } from '../../resources/js/ui/LinesField';
import { MoneyField } from '../../resources/js/ui/MoneyField';
import { Pick } from '../../resources/js/ui/Pick';

afterEach(() => {
  cleanup();
  vi.useRealTimers();
});

/** A field with the value it keeps, as a form holds it. */
function Kept<V>({ first, field }: { first: V; field: (value: V, onValue: (value: V) => void) => React.ReactNode }) {
  const [value, setValue] = useState(first);
  return (
    <>
      {field(value, setValue)}
      <output>{JSON.stringify(value)}</output>
    </>
  );
}

const kept = (): unknown => JSON.parse(screen.getByRole('status').textContent ?? '');
const box = (): HTMLInputElement => screen.getByRole('textbox');
const type = (value: string) => fireEvent.change(box(), { target: { value } });

function showClock(): void {
  render(
    <Kept
      first="09:00"
      field={(value, onValue) => (
        <ClockField id="from" label="From" wrong={undefined} value={value} onValue={onValue} />
      )}
    />,
  );
}

test('a time of day stays as it is typed until it is left, then it is written our way', () => {
  writeHoursOf(24);
  showClock();
  type('2 pm');
  expect([box().value, kept()]).toEqual(['2 pm', '14:00']);
  fireEvent.blur(box());
  expect(box().value).toBe('14:00');
});

test('what is no time of day is said once typing rests, and stays to be put right', () => {
  vi.useFakeTimers();
  showClock();
  type('noonish');
  expect(screen.queryByRole('alert')).toBeNull();
  act(() => {
    vi.advanceTimersByTime(1_000);
  });
  expect(screen.getByRole('alert').textContent).toBe('Type it like 9:30 or 2 pm.');
  expect(box().getAttribute('aria-describedby')).toBe('from-wrong');
  fireEvent.blur(box());
  expect([box().value, kept()]).toEqual(['noonish', 'noonish']);
});

test('an amount is kept in the minor unit of its currency', () => {
  const typed: [currency: string, typed: string, minor: number][] = [
    ['EUR', '45', 4500],
    ['EUR', '45,5', 4550],
    ['EUR', '45.505', -1],
    ['EUR', 'a lot', -1],
    ['EUR', '', 0],
    ['JPY', '4500', 4500],
    ['JPY', '45.5', -1],
    ['KWD', '1.234', 1234],
  ];
  for (const [currency, text, minor] of typed) {
    render(
      <Kept
        first={1}
        field={(value, onValue) => (
          <MoneyField id="price" label="Price" currency={currency} wrong={undefined} value={value} onValue={onValue} />
        )}
      />,
    );
    type(text);
    expect([currency, text, kept(), box().value]).toEqual([currency, text, minor, text]);
    cleanup();
  }
});

test('a list typed one a line leaves out empty lines, and lets them stand while typing', () => {
  render(
    <Kept
      first={['Wheel']}
      field={(value, onValue) => (
        <LinesField id="list" label="List" lines={3} wrong={undefined} value={value} onValue={onValue} />
      )}
    />,
  );
  type('Wheel\n\n  Kiln \n');
  expect([kept(), box().value]).toEqual([['Wheel', 'Kiln'], 'Wheel\n\n  Kiln \n']);
});

test('chosen ones keep the order in which they were chosen', () => {
  const from = ['Ada', 'Bo', 'Cy'].map((name) => ({ id: name.toLowerCase(), name }));
  render(
    <Kept
      first={['cy']}
      field={(value, onValue) => <Pick legend="Who" from={from} chosen={value} onChosen={onValue} />}
    />,
  );
  fireEvent.click(screen.getByLabelText('Ada'));
  expect(kept()).toEqual(['cy', 'ada']);
  fireEvent.click(screen.getByLabelText('Cy'));
  expect(kept()).toEqual(['ada']);
});

test('one of a few: a group with a name, of which one at most is chosen', () => {
  render(
    <Kept
      first={null as 'all' | 'some' | null}
      field={(value, onValue) => (
        <Choice
          label="For whom"
          value={value}
          onValue={onValue}
          options={[
            ['all', 'Everybody'],
            ['some', 'Some people'],
          ]}
        />
      )}
    />,
  );
  expect(screen.getByRole('radiogroup', { name: 'For whom' })).toBeTruthy();
  fireEvent.click(screen.getByLabelText('Some people'));
  expect(kept()).toBe('some');
  expect(screen.getAllByRole('radio').filter((one) => (one as HTMLInputElement).checked)).toHaveLength(1);
});

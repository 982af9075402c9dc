import { useState } from 'react';
import { Field } from './Field';

type Props = {
  id: string;
  label: string;
  lines: number;
  wrong: string | undefined;
  value: readonly string[];
  onValue: (lines: string[]) => void;
};

const read = (typed: string): string[] =>
  typed
    .split('\n')
    .map((line) => line.trim())
    .filter((line) => line !== '');

/** A list, typed one a line; empty lines are left out. */
export function LinesField({ value, onValue, ...field }: Props) {
  const [typed, setTyped] = useState(value.join('\n'));
  const shown = JSON.stringify(read(typed)) === JSON.stringify(value) ? typed : value.join('\n');
  return (
    <Field
      {...field}
      value={shown}
      onValue={(next) => {
        setTyped(next);
        onValue(read(next));
      }}
    />
  );
}

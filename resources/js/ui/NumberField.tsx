import { useState } from 'react';
import { Field } from './Field';

type Props<Value extends number | null> = {
  id: string;
  label: string;
  hint?: string;
  wrong: string | undefined;
  value: Value;
  /** What stands for nothing typed: null where that means something, or a number the server will refuse. */
  empty: Value;
  onValue: (value: number | Value) => void;
};

/** A whole number. What is no number stays as it was typed, and is sent as one the server refuses with its own sentence. */
export function NumberField<Value extends number | null>({ value, empty, onValue, ...field }: Props<Value>) {
  const [typed, setTyped] = useState<string | null>(null);
  const shown = value === empty || value === null ? '' : String(value);
  return (
    <Field
      {...field}
      inputMode="numeric"
      value={typed !== null && read(typed, empty) === value ? typed : shown}
      onValue={(next) => {
        setTyped(next);
        onValue(read(next, empty));
      }}
    />
  );
}

function read<Value extends number | null>(typed: string, empty: Value): number | Value {
  const trimmed = typed.trim();
  return trimmed === '' ? empty : /^\d{1,9}$/.test(trimmed) ? Number(trimmed) : -1;
}

import { useState, type ReactNode } from 'react';
import { Field } from './Field';
import { useSettled } from './useSettled';

/** ms after which something half typed counts as typed */
const PAUSE = 700;

type Props<Value> = {
  id: string;
  label: string;
  hint?: ReactNode;
  wrong: string | undefined;
  value: Value;
  onValue: (value: Value) => void;
  /** Null: it cannot be read. */
  read: (typed: string) => Value | null;
  /** What is kept of something that cannot be read: whatever the server refuses. */
  unread: (typed: string) => Value;
  write: (value: Value) => string;
  /** What is said of something that cannot be read. */
  broken: string;
  inputMode?: 'numeric' | 'text';
};

/** Something typed as people type it, read as they go. What cannot be read is said here, and stays as it was typed. */
export function TypedField<Value>({
  value,
  onValue,
  read,
  unread,
  write,
  broken,
  wrong,
  inputMode = 'text',
  ...field
}: Props<Value>) {
  const [typed, setTyped] = useState<string | null>(null);
  const settled = useSettled(typed, PAUSE);
  const of = (text: string): Value => read(text) ?? unread(text);
  const shown = typed !== null && of(typed) === value ? typed : write(value);
  const cannot = settled !== null && settled === shown && read(settled) === null;
  return (
    <Field
      {...field}
      inputMode={inputMode}
      wrong={cannot ? broken : wrong}
      value={shown}
      onValue={(next) => {
        setTyped(next);
        onValue(of(next));
      }}
      onLeave={() => setTyped((now) => (now === null || read(now) === null ? now : null))}
    />
  );
}

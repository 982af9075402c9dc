import { TypedField } from './TypedField';
import * as say from '@words/ui';

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

/** A whole number. What is no number is said at once, stays as it was typed, and is sent as one the server refuses. */
export function NumberField<Value extends number | null>({ value, empty, ...field }: Props<Value>) {
  return (
    <TypedField<number | Value>
      {...field}
      inputMode="numeric"
      value={value}
      read={(typed) => (typed.trim() === '' ? empty : /^\d{1,9}$/.test(typed.trim()) ? Number(typed.trim()) : null)}
      unread={() => -1}
      write={(now) => (now === null || now === empty ? '' : String(now))}
      broken={say.typeWholeNumber}
    />
  );
}

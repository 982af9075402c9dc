import { useState } from 'react';
import { digits } from '../lib/format';
import { Field } from './Field';

type Props = {
  id: string;
  label: string;
  currency: string;
  value: number;
  wrong: string | undefined;
  hint?: string;
  /** Nothing typed is no amount, and the server asks for one; else it is 0. */
  asked?: boolean;
  onValue: (minor: number) => void;
};

/**
 * An amount, typed as people write it and kept in the minor unit. What is no amount is sent as one the server refuses.
 */
export function MoneyField({ currency, value, onValue, asked = false, ...field }: Props) {
  const places = digits(currency);
  const [typed, setTyped] = useState<string | null>(null);
  return (
    <Field
      {...field}
      inputMode="decimal"
      value={
        typed !== null && minorOf(typed, places) === value
          ? typed
          : value < 0
            ? (typed ?? '')
            : value === 0 && !asked
              ? ''
              : (value / 10 ** places).toFixed(places)
      }
      onValue={(next) => {
        setTyped(next);
        onValue(asked && next.trim() === '' ? -1 : minorOf(next, places));
      }}
    />
  );
}

/** "45", "45,50" or "45.5" in the minor unit; nothing typed is 0. */
function minorOf(typed: string, places: number): number {
  const [, whole = '', part = ''] = /^\s*(\d{0,9})(?:[.,](\d*))?\s*$/.exec(typed) ?? [undefined, '-'];
  if (whole === '-' || part.length > places) {
    return -1;
  }
  return Number(`${whole === '' ? '0' : whole}${part.padEnd(places, '0')}`);
}

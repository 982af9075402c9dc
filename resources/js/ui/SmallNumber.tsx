import { useState } from 'react';
import { inputLook } from './inputLook';

type Props = {
  id: string;
  /** Where no words around it name it. */
  label?: string;
  min: number;
  max: number;
  value: number;
  onValue: (value: number) => void;
};

/** A whole number in a sentence: counts once it is one that may be, and is as it was where it is left as none. */
export function SmallNumber({ id, label, min, max, value, onValue }: Props) {
  const [typed, setTyped] = useState<string | null>(null);
  return (
    <input
      id={id}
      aria-label={label}
      type="number"
      min={min}
      max={max}
      className={`w-16 ${inputLook('small')}`}
      value={typed ?? value}
      onChange={(event) => {
        const number = event.target.valueAsNumber;
        setTyped(event.target.value);
        if (Number.isInteger(number) && number >= min && number <= max) {
          onValue(number);
        }
      }}
      onBlur={() => setTyped(null)}
    />
  );
}

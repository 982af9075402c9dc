import { useId } from 'react';
import { Radio } from './Check';

type Props<V extends string> = {
  label: string;
  value: V | null;
  /** Each with what it says, and an id where something must find it. */
  options: readonly (readonly [value: V, words: string, id?: string])[];
  onValue: (value: V) => void;
};

/** One of a few, all of them in sight. */
export function Choice<V extends string>({ label, value, options, onValue }: Props<V>) {
  const name = useId();
  return (
    <div className="flex flex-wrap gap-x-5" role="radiogroup" aria-label={label}>
      {options.map(([one, words, id]) => (
        <Radio key={one} name={name} id={id} checked={value === one} onChange={() => onValue(one)}>
          {words}
        </Radio>
      ))}
    </div>
  );
}

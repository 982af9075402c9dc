import { inputLook } from './inputLook';
import { describes, Labelled } from './Labelled';

type Props<Value extends string> = {
  id: string;
  label: string;
  value: Value;
  options: readonly (readonly [Value, string])[];
  onValue: (value: Value) => void;
  hint?: string;
  wrong?: string | undefined;
};

/** A labelled choice of one. */
export function Select<Value extends string>({ id, label, value, options, onValue, hint, wrong }: Props<Value>) {
  return (
    <Labelled id={id} label={label} hint={hint} wrong={wrong}>
      <select
        id={id}
        className={inputLook()}
        value={value}
        aria-invalid={wrong !== undefined}
        aria-describedby={describes(id, hint, wrong)}
        onChange={(event) => {
          const chosen = options.find(([one]) => one === event.target.value);
          if (chosen !== undefined) {
            onValue(chosen[0]);
          }
        }}
      >
        {options.map(([one, words]) => (
          <option key={one} value={one}>
            {words}
          </option>
        ))}
      </select>
    </Labelled>
  );
}

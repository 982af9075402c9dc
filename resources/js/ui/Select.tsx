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
    <div className="field">
      <label htmlFor={id}>{label}</label>
      {hint !== undefined && (
        <span className="hint" id={`${id}-hint`}>
          {hint}
        </span>
      )}
      <select
        id={id}
        className="input"
        value={value}
        aria-invalid={wrong !== undefined}
        aria-describedby={wrong === undefined ? undefined : `${id}-wrong`}
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
      {wrong !== undefined && (
        <span className="wrong" id={`${id}-wrong`} role="alert">
          {wrong}
        </span>
      )}
    </div>
  );
}

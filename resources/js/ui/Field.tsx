import type { InputHTMLAttributes, ReactNode } from 'react';
import { inputLook } from './inputLook';
import { describes, Labelled } from './Labelled';

type Props = {
  id: string;
  label: string;
  hint?: ReactNode;
  wrong: string | undefined;
  value: string;
  onValue: (value: string) => void;
  lines?: number;
  onLeave?: () => void;
} & Pick<
  InputHTMLAttributes<HTMLInputElement>,
  'type' | 'autoComplete' | 'inputMode' | 'required' | 'maxLength' | 'list' | 'placeholder'
>;

/** A labelled input with its hint, and what is wrong with it right beneath. */
export function Field({ id, label, hint, wrong, value, onValue, lines, onLeave, ...input }: Props) {
  const described = describes(id, hint, wrong);
  const shared = {
    id,
    value,
    className: inputLook(),
    'aria-invalid': wrong !== undefined,
    ...(described === undefined ? {} : { 'aria-describedby': described }),
  };
  return (
    <Labelled id={id} label={label} hint={hint} wrong={wrong}>
      {lines === undefined ? (
        <input {...shared} {...input} onChange={(event) => onValue(event.target.value)} onBlur={onLeave} />
      ) : (
        <textarea
          {...shared}
          rows={lines}
          maxLength={input.maxLength}
          autoComplete={input.autoComplete}
          onChange={(event) => onValue(event.target.value)}
        />
      )}
    </Labelled>
  );
}

import type { InputHTMLAttributes, ReactNode } from 'react';

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
  const described = [hint === undefined ? '' : `${id}-hint`, wrong === undefined ? '' : `${id}-wrong`].join(' ').trim();
  const shared = {
    id,
    value,
    className: 'input',
    'aria-invalid': wrong !== undefined,
    ...(described === '' ? {} : { 'aria-describedby': described }),
  };
  return (
    <div className="field">
      <label htmlFor={id}>{label}</label>
      {hint !== undefined && (
        <span className="hint" id={`${id}-hint`}>
          {hint}
        </span>
      )}
      {lines === undefined ? (
        <input {...shared} {...input} onChange={(event) => onValue(event.target.value)} onBlur={onLeave} />
      ) : (
        <textarea
          {...shared}
          rows={lines}
          maxLength={input.maxLength}
          onChange={(event) => onValue(event.target.value)}
        />
      )}
      {wrong !== undefined && (
        <span className="wrong" id={`${id}-wrong`} role="alert">
          {wrong}
        </span>
      )}
    </div>
  );
}

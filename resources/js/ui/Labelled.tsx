import type { ReactNode } from 'react';
import { Wrong } from './Wrong';

type Props = { id: string; label: string; hint?: ReactNode; wrong: string | undefined; children: ReactNode };

/** What helps somebody to fill something in. */
export const hintLook = 'text-[0.9rem] text-soft';

/** A field's label and hint above it, and what is wrong with it right beneath. */
export function Labelled({ id, label, hint, wrong, children }: Props) {
  return (
    <div className="field grid gap-1">
      <label htmlFor={id} className="font-semibold">
        {label}
      </label>
      {hint !== undefined && (
        <span className={hintLook} id={`${id}-hint`}>
          {hint}
        </span>
      )}
      {children}
      {wrong !== undefined && (
        <Wrong id={`${id}-wrong`} role="alert">
          {wrong}
        </Wrong>
      )}
    </div>
  );
}

/** Which of them a screen reader reads with the field. */
export const describes = (id: string, hint: ReactNode, wrong: string | undefined): string | undefined =>
  [hint === undefined ? '' : `${id}-hint`, wrong === undefined ? '' : `${id}-wrong`].join(' ').trim() || undefined;

import type { ComponentProps } from 'react';

type Look = {
  /** `next` goes on, one on a page; `trouble` takes something away. */
  kind?: 'plain' | 'next' | 'trouble';
  small?: boolean;
};

const SHAPE =
  'inline-flex items-center justify-center gap-2 rounded-[9px] border-[1.5px] font-semibold no-underline ' +
  'transition-colors duration-120 disabled:cursor-progress disabled:opacity-60';
const SIZES = { whole: 'min-h-11 px-[1.1rem] py-2', small: 'min-h-8.5 px-3 py-[0.2rem] text-[0.92rem]' };
const KINDS = {
  plain: 'border-ink bg-paper text-ink hover:not-disabled:bg-brass-wash',
  next: 'border-brass bg-brass text-on-brass hover:not-disabled:brightness-108',
  trouble: 'border-clay bg-paper text-clay hover:not-disabled:bg-brass-wash',
};

/** What looks like a button; for links too. */
export const buttonLook = ({ kind = 'plain', small = false }: Look = {}): string =>
  `${SHAPE} ${small ? SIZES.small : SIZES.whole} ${KINDS[kind]}`;

export function Button({ kind = 'plain', small = false, className = '', ...rest }: Look & ComponentProps<'button'>) {
  return <button type="button" {...rest} className={`${buttonLook({ kind, small })} ${className}`} />;
}

import { createElement, type HTMLAttributes } from 'react';

type Props = { as?: 'span' | 'p' } & HTMLAttributes<HTMLElement>;

/** What is wrong, in a sentence, right where it is; `role="alert"` where it comes while somebody looks. */
export const Wrong = ({ as = 'span', className = '', ...rest }: Props) =>
  createElement(as, { ...rest, className: ['font-semibold text-clay', className].join(' ') });

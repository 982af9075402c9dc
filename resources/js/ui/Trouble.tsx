import type { ReactNode } from 'react';
import { Notice } from './Notice';
import { useIntoSight } from './useIntoSight';

type Props = { children: ReactNode; id?: string; of?: unknown };

/** What went wrong and wants an answer: it comes into sight and takes the focus, wherever somebody was. */
export function Trouble({ children, id, of = children }: Props) {
  const box = useIntoSight<HTMLElement>(of);
  return (
    <Notice as="div" tone="trouble" ref={box} id={id} role="alert" tabIndex={-1}>
      {children}
    </Notice>
  );
}

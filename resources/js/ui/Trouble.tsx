import type { ReactNode } from 'react';
import { useIntoSight } from './useIntoSight';

type Props = { children: ReactNode; id?: string; of?: unknown };

/** What went wrong and wants an answer: it comes into sight and takes the focus, wherever somebody was. */
export function Trouble({ children, id, of = children }: Props) {
  const box = useIntoSight<HTMLDivElement>(of);
  return (
    <div ref={box} id={id} className="notice notice-trouble" role="alert" tabIndex={-1}>
      {children}
    </div>
  );
}

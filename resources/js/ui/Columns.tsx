import type { ReactNode } from 'react';

type Props = { of?: 2 | 3; className?: string; children: ReactNode };

/** Fields side by side, their inputs in one line; one below the other where there is little room. */
export function Columns({ of = 2, className = 'items-end', children }: Props) {
  return (
    <div className={`grid grid-cols-1 gap-4 ${of === 2 ? 'sm:grid-cols-2' : 'sm:grid-cols-3'} ${className}`}>
      {children}
    </div>
  );
}

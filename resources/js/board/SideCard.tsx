import { useEffect, useRef, type ReactNode } from 'react';
import { Button } from '../ui/Button';
import * as say from '@words/board';

type Props = { label: string; title: string; onClose: () => void; children: ReactNode };

/** What is opened beside the lanes: it takes the focus, and Escape closes it. */
export function SideCard({ label, title, onClose, children }: Props) {
  const heading = useRef<HTMLHeadingElement>(null);
  useEffect(() => heading.current?.focus(), []);
  return (
    <article
      className="grid grid-cols-[minmax(0,1fr)] gap-3 rounded-2xl border border-line bg-paper p-4"
      aria-label={label}
      onKeyDown={(event) => {
        if (event.key === 'Escape') {
          onClose();
        }
      }}
    >
      <div className="flex items-start justify-between gap-2">
        <h2 className="text-2xl" ref={heading} tabIndex={-1}>
          {title}
        </h2>
        <Button small onClick={onClose}>
          {say.close}
        </Button>
      </div>
      {children}
    </article>
  );
}

import { useEffect, useRef, type ReactNode } from 'react';

type Props = { children: ReactNode; id?: string };

/** What went wrong and wants an answer: it comes into sight and takes the focus, wherever somebody was. */
export function Trouble({ children, id }: Props) {
  const box = useRef<HTMLDivElement>(null);
  useEffect(() => {
    box.current?.scrollIntoView({ block: 'center' });
    box.current?.focus({ preventScroll: true });
  }, [children]);
  return (
    <div ref={box} id={id} className="notice notice-trouble" role="alert" tabIndex={-1}>
      {children}
    </div>
  );
}

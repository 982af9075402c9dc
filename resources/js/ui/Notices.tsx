import { createContext, useContext, useMemo, useRef, useState, type ReactNode } from 'react';

type Notice = { text: string; undo: (() => void) | undefined };
type Notices = { say: (text: string, undo?: () => void) => void };

const Context = createContext<Notices | null>(null);

/** One line at the foot of the screen: what has just happened, and how to take it back. It stays until something else does. */
export function NoticeBoard({ children }: { children: ReactNode }) {
  const [notice, setNotice] = useState<Notice | null>(null);
  const timer = useRef(0);
  const notices = useMemo(
    () => ({
      say: (text: string, undo?: () => void) => {
        window.clearTimeout(timer.current);
        setNotice({ text, undo });
        timer.current = window.setTimeout(() => setNotice(null), undo === undefined ? 6_000 : 20_000); // ms
      },
    }),
    [],
  );
  return (
    <Context value={notices}>
      {children}
      <div className="notice-line" role="status" aria-live="polite">
        {notice !== null && (
          <p>
            {notice.text}
            {notice.undo !== undefined && (
              <button
                type="button"
                id="undo"
                onClick={() => {
                  notice.undo?.();
                  setNotice(null);
                }}
              >
                Undo
              </button>
            )}
          </p>
        )}
      </div>
    </Context>
  );
}

export function useNotices(): Notices {
  const notices = useContext(Context);
  if (notices === null) {
    throw new Error('useNotices is used outside of a NoticeBoard.');
  }
  return notices;
}

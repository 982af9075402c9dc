import { createContext, useContext, useEffect, useMemo, useState, type ReactNode } from 'react';
import * as say from '@words/ui';
import './Notices.css';

type Notice = { text: string; undo?: (() => void) | undefined; undoMs?: number | undefined };
type Notices = {
  /** With what undoes it, and for how long (ms) where not for good. */
  say: (text: string, undo?: () => void, undoMs?: number) => void;
  /** Adds a sentence to what is said: what could be undone still can. */
  sayToo: (text: string) => void;
  notice: Notice | null;
  clear: () => void;
};

const Context = createContext<Notices | null>(null);

/** How long an act that somebody is mailed of can be undone by its notice: nobody is mailed before that (ms). */
export const UNDO_MS = 12_000;

/** Knows the one thing that has just happened. It stays until something else does, or somebody puts it away. */
export function NoticeBoard({ children }: { children: ReactNode }) {
  const [notice, setNotice] = useState<Notice | null>(null);
  useEffect(() => {
    if (notice?.undoMs === undefined) {
      return undefined;
    }
    const timer = setTimeout(() => setNotice({ text: notice.text }), notice.undoMs);
    return () => clearTimeout(timer);
  }, [notice]);
  const notices = useMemo(
    () => ({
      notice,
      say: (text: string, undo?: () => void, undoMs?: number) => setNotice({ text, undo, undoMs }),
      sayToo: (text: string) => setNotice((now) => (now === null ? { text } : { ...now, text: `${now.text} ${text}` })),
      clear: () => setNotice(null),
    }),
    [notice],
  );
  return <Context value={notices}>{children}</Context>;
}

/** The line it is written on: in the bar above every room, which never covers anything that can be pressed. */
export function NoticeLine() {
  const { notice, clear } = useNotices();
  return (
    <div className="notice-line" role="status" aria-live="polite">
      {notice !== null && (
        <p>
          <span>{notice.text}</span>
          {notice.undo !== undefined && (
            <button
              type="button"
              id="undo"
              onClick={() => {
                notice.undo?.();
                clear();
              }}
            >
              {say.undo}
            </button>
          )}
          <button type="button" aria-label={say.putThisNoticeAway} onClick={clear}>
            ✕
          </button>
        </p>
      )}
    </div>
  );
}

export function useNotices(): Notices {
  const notices = useContext(Context);
  if (notices === null) {
    throw new Error('useNotices is used outside of a NoticeBoard.');
  }
  return notices;
}

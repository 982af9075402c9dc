import { useEffect, useRef, useState } from 'react';
import { refusalOf, type Refusal } from '../lib/api';

type Question<T> = (signal: AbortSignal) => Promise<T>;

/** Asks one thing at a time: a newer question makes the answer to the one before unwanted, and it is not heard. */
export function latestOnly() {
  let latest: AbortController | null = null;
  const drop = () => {
    latest?.abort();
    latest = null;
  };
  return {
    isAsking: () => latest !== null,
    drop,
    ask: async <T>(question: Question<T>, does: (answer: T) => void, fails?: (wrong: unknown) => void) => {
      drop();
      const own = new AbortController();
      latest = own;
      const isWanted = () => {
        const wanted = latest === own;
        latest = wanted ? null : latest;
        return wanted;
      };
      await question(own.signal).then(
        (answer) => {
          if (isWanted()) {
            does(answer);
          }
        },
        (wrong: unknown) => {
          if (isWanted()) {
            fails?.(wrong);
          }
        },
      );
    },
  };
}

/** The same for as long as what asks is on the page. */
export function useLatest() {
  const [latest] = useState(latestOnly);
  useEffect(() => latest.drop, [latest]);
  return latest;
}

type Asked<T> = { key: string; answer: T | null; trouble: Refusal | null };

/**
 * The answer to a question, and to no other: while one is asked whose key is new, there is none yet.
 *
 * @param key what tells one question from another
 */
export function useAsked<T>(key: string, question: Question<T>) {
  const [asked, setAsked] = useState<Asked<T>>({ key: '', answer: null, trouble: null });
  const latest = useLatest();
  const current = useRef(question);
  useEffect(() => {
    current.current = question;
  });
  useEffect(() => {
    void latest.ask(
      current.current,
      (answer) => setAsked({ key, answer, trouble: null }),
      (wrong) => setAsked({ key, answer: null, trouble: refusalOf(wrong) }),
    );
  }, [key, latest]);
  const isOfThis = asked.key === key;
  return { answer: isOfThis ? asked.answer : null, trouble: isOfThis ? asked.trouble : null };
}

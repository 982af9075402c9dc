import { useEffect, useRef, useState, type ChangeEvent, type SubmitEvent } from 'react';
import { readDate } from '../lib/date';
import { isTypedInto } from '../ui/isTypedInto';

/** What is complete as it stands: "6w", "+6w", "-3d". */
const STEP = /^[+-]?\d{1,3}[dw]$/i;

/** A date somebody types: steps from the day that is shown, all else as dates are typed elsewhere. */
export function jump(typed: string, shown: string, today: string): string | null {
  const text = typed.trim();
  return STEP.test(text) ? readDate(/^\d/.test(text) ? `+${text}` : text, shown) : readDate(text, today);
}

/**
 * The field that goes to another day: a digit, a plus or a minus pressed anywhere on the Board begins it, and a step of
 * days or weeks goes at once, so that six weeks later are two keys.
 */
export function useJump(shown: string, today: string, onGo: (date: string) => void) {
  const [typed, setTyped] = useState('');
  const [wrong, setWrong] = useState(false);
  const field = useRef<HTMLInputElement>(null);
  useEffect(() => {
    const begin = (event: globalThis.KeyboardEvent) => {
      if (/^[0-9+-]$/.test(event.key) && !hasModifier(event) && !isTypedInto(event.target)) {
        event.preventDefault();
        setTyped(event.key);
        setWrong(false);
        field.current?.focus();
      }
    };
    document.addEventListener('keydown', begin);
    return () => document.removeEventListener('keydown', begin);
  }, []);
  const go = (text: string) => {
    const date = jump(text, shown, today);
    setWrong(date === null);
    if (date !== null) {
      setTyped('');
      field.current?.blur();
      onGo(date);
    }
  };
  const onChange = (event: ChangeEvent<HTMLInputElement>) => {
    const text = event.target.value;
    if (STEP.test(text.trim())) {
      go(text);
    } else {
      setTyped(text);
      setWrong(false);
    }
  };
  const onSubmit = (event: SubmitEvent) => {
    event.preventDefault();
    go(typed);
  };
  return { field, typed, wrong, onChange, onSubmit };
}

const hasModifier = (event: globalThis.KeyboardEvent): boolean => event.ctrlKey || event.altKey || event.metaKey;

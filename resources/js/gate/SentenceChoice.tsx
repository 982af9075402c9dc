import { lazy, Suspense, useEffect, useState } from 'react';
import type { ChoiceProps } from './choices';

const load = () => import('./ChoiceList');
const ChoiceList = lazy(load);

/** ms after which it is loaded in any case: by then the times are drawn */
const QUIET = 1500;

/** A part of the sentence that opens a choice. What opens is loaded once the page stands, or somebody comes near it. */
export function SentenceChoice(props: ChoiceProps) {
  const [isOpened, setOpened] = useState(false);
  useEffect(() => {
    const timer = window.setTimeout(() => void load(), QUIET);
    return () => window.clearTimeout(timer);
  }, []);
  const button = (
    <button
      type="button"
      aria-label={`${props.label} ${props.shown}`}
      aria-haspopup="listbox"
      onPointerEnter={() => void load()}
      onFocus={() => void load()}
      onClick={() => setOpened(true)}
    >
      {props.shown}
    </button>
  );
  return isOpened ? (
    <Suspense fallback={button}>
      <ChoiceList {...props} />
    </Suspense>
  ) : (
    button
  );
}

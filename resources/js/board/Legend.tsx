import { useEffect, useRef } from 'react';
import { useSetup } from '../setup/useSetup';
import { keysFor } from './keys';
import { LEGEND } from './standing';
import { isTypedInto } from '../ui/isTypedInto';
import * as say from '@words/board';
import './Legend.css';

/** What the signs on the tags mean, and what the keys do; "?" opens and closes it. */
export function Legend() {
  const sheet = useRef<HTMLDetailsElement>(null);
  const { may } = useSetup();
  useEffect(() => {
    const toggle = (event: globalThis.KeyboardEvent) => {
      const details = sheet.current;
      if (details !== null && event.key === '?' && !isTypedInto(event.target)) {
        details.open = !details.open;
      } else if (details !== null && event.key === 'Escape') {
        details.open = false;
      }
    };
    document.addEventListener('keydown', toggle);
    return () => document.removeEventListener('keydown', toggle);
  }, []);
  return (
    <details ref={sheet} className="legend">
      <summary>{say.legend}</summary>
      <div className="legend-sheet">
        <dl>
          {LEGEND.map(({ glyph, word, tone }) => (
            <div key={word}>
              <dt className="tag-glyph" data-tone={tone}>
                {glyph}
              </dt>
              <dd>{word}</dd>
            </div>
          ))}
        </dl>
        <dl>
          {keysFor(may).map(({ keys, does }) => (
            <div key={keys}>
              <dt>
                <kbd>{keys}</kbd>
              </dt>
              <dd>{does}</dd>
            </div>
          ))}
        </dl>
      </div>
    </details>
  );
}

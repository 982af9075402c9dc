import { lazy, Suspense, useRef, useState } from 'react';
import type { Page } from './types';
import * as say from '@words/gate';

/** For those who browse: loaded when it is opened. */
const Catalogue = lazy(async () => ({ default: (await import('./Catalogue')).Catalogue }));

/** All that is offered, beside the sentence: what is chosen there stands in the sentence. */
export function Browse({ page, onService }: { page: Page; onService: (id: string) => void }) {
  const [isOpened, setOpened] = useState(false);
  const box = useRef<HTMLDetailsElement>(null);
  const choose = (id: string) => {
    box.current?.removeAttribute('open');
    onService(id);
    window.scrollTo(0, 0);
  };
  return (
    <details ref={box} onToggle={() => setOpened(true)}>
      <summary id="browse" className="min-h-11 content-center font-semibold">
        {say.seeAllWeOffer}
      </summary>
      {isOpened && (
        <Suspense>
          <Catalogue page={page} onService={choose} />
        </Suspense>
      )}
    </details>
  );
}

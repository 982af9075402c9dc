import type { Ask } from './types';
import { WAIT } from './visits';
import * as say from '@words/gate';

/** In what order the services of a visit may come, by whom, and whether with a wait. */
export function HowTheyFollow({ ask, onChoose }: { ask: Ask; onChoose: (changes: Partial<Ask>) => void }) {
  const ways = [
    ['anyOrder', say.inAnyOrder, ask.anyOrder, { anyOrder: !ask.anyOrder }],
    ['samePerson', say.byTheSamePerson, ask.samePerson, { samePerson: !ask.samePerson }],
    ['maxWait', say.waitIsFine({ minutes: WAIT }), ask.maxWait > 0, { maxWait: ask.maxWait > 0 ? 0 : WAIT }],
  ] as const;
  return (
    <div className="flex flex-wrap gap-2" role="group" aria-label={say.howTheyFollow}>
      {ways.map(([id, label, isOn, changes]) => (
        <button key={id} type="button" className="chip" aria-pressed={isOn} onClick={() => onChoose(changes)}>
          {label}
        </button>
      ))}
    </div>
  );
}

import { shortDuration } from '../lib/format';
import { rich } from '../language/rich';
import { Button } from '../ui/Button';
import { Check } from '../ui/Check';
import { inputLook } from '../ui/inputLook';
import { ServiceParts } from './ServiceParts';
import type { Desk, DeskDraft, Wanted } from './useDesk';
import * as say from '@words/board';

type Props = { desk: Desk; draft: DeskDraft };

/** Parts of a visit. */
const MOST = 6;

/** Minutes that somebody may be let wait between two of them. */
const WAITS = [0, 15, 30, 60, 120];

/** What follows in the same visit. */
export function ThenParts({ desk, draft }: Props) {
  const { then } = draft;
  const put = (at: number, wanted: Wanted) => desk.set({ then: then.map((one, i) => (i === at ? wanted : one)) });
  return (
    <>
      {then.map((wanted, i) => (
        <span key={i} className="flex flex-wrap items-center gap-1.5">
          <ServiceParts
            id={`then-${i}`}
            wanted={wanted}
            wrong={{}}
            begins={wanted.service === ''}
            onWanted={(next) => put(i, next)}
            says={(parts) => rich(say.andThen, parts)}
          />
          <Button small aria-label={say.leaveOut} onClick={() => desk.set({ then: then.filter((_, at) => at !== i) })}>
            ×
          </Button>
        </span>
      ))}
    </>
  );
}

/** How its parts follow one another, and one more of them. */
export function ThenHow({ desk, draft }: Props) {
  const { then } = draft;
  return (
    <>
      {then.length > 0 && (
        <>
          <select
            id="desk-wait"
            className={inputLook('small')}
            aria-label={say.waits}
            value={draft.maxWait}
            onChange={(event) => desk.set({ maxWait: Number(event.target.value) })}
          >
            {WAITS.map((minutes) => (
              <option key={minutes} value={minutes}>
                {minutes === 0 ? say.rightAfter : say.waitUpTo({ minutes: shortDuration(minutes) })}
              </option>
            ))}
          </select>
          <Check id="desk-any-order" checked={draft.anyOrder} onChange={(anyOrder) => desk.set({ anyOrder })}>
            {say.anyOrder}
          </Check>
          <Check id="desk-same" checked={draft.samePerson} onChange={(samePerson) => desk.set({ samePerson })}>
            {say.samePerson}
          </Check>
        </>
      )}
      {draft.service !== '' && draft.repeat === null && then.length < MOST - 1 && (
        <Button id="desk-then" small onClick={() => desk.set({ then: [...then, { service: '', staff: null }] })}>
          {say.thenMore}
        </Button>
      )}
    </>
  );
}

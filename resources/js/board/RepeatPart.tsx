import { inputLook } from '../ui/inputLook';
import { SmallNumber } from './SmallNumber';
import type { Desk, DeskDraft } from './useDesk';
import * as say from '@words/board';

const OFTEN = [
  ['', 0, 'weeks', say.once],
  ['day', 1, 'days', say.everyDay],
  ['week', 1, 'weeks', say.everyWeek],
  ['fortnight', 2, 'weeks', say.everyFortnight],
  ['month', 1, 'months', say.everyMonth],
] as const;

const FIRST = 8;
const MOST = 104;

/** How often, and how many times. */
export function RepeatPart({ desk, draft }: { desk: Desk; draft: DeskDraft }) {
  const { repeat } = draft;
  const chosen = OFTEN.find(([, every, unit]) => every === repeat?.every && unit === repeat.unit)?.[0] ?? '';
  const choose = (name: string) => {
    const [, every, unit] = OFTEN.find(([one]) => one === name) ?? OFTEN[0];
    desk.set({ repeat: every === 0 ? null : { every, unit, count: repeat?.count ?? FIRST } });
  };
  return (
    <>
      <select
        id="desk-often"
        className={inputLook('small')}
        aria-label={say.howOften}
        value={chosen}
        onChange={(event) => choose(event.target.value)}
      >
        {OFTEN.map(([name, , , says]) => (
          <option key={name} value={name}>
            {says}
          </option>
        ))}
      </select>
      {repeat !== null && (
        <label className="flex items-center gap-1.5">
          <SmallNumber
            id="desk-times"
            min={2}
            max={MOST}
            value={repeat.count}
            onValue={(count) => desk.set({ repeat: { ...repeat, count } })}
          />
          {say.times}
        </label>
      )}
    </>
  );
}

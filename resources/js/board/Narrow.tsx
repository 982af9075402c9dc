import { WEEKDAYS } from '../hours/week';
import { useSetup } from '../setup/useSetup';
import { Check } from '../ui/Check';
import { ClockField } from '../ui/ClockField';
import { weekday } from '../lib/format';
import type { Desk, DeskDraft, Narrowed } from './useDesk';
import * as say from '@words/board';

type Props = { desk: Desk; draft: DeskDraft };

/** What a caller adds to their wish: with one of some people, after an hour, on some weekdays. */
export function Narrow({ desk, draft }: Props) {
  const { data } = useSetup();
  const { narrowed } = draft;
  const set = (changes: Partial<Narrowed>) => desk.set({ narrowed: { ...narrowed, ...changes } });
  const service = data?.services.find((one) => one.id === draft.service);
  const people = (data?.staff ?? []).filter((one) => one.active && service?.staff.includes(one.id) === true);
  return (
    <details className="text-sm">
      <summary className="font-semibold">{say.narrow}</summary>
      <div className="flex flex-wrap items-end gap-x-6 gap-y-1 pt-1">
        <div role="group" aria-label={say.oneOfThem} className="flex flex-wrap gap-x-3">
          {people.map((one) => (
            <Check
              key={one.id}
              id={`narrow-${one.id}`}
              checked={narrowed.people.includes(one.id)}
              onChange={(on) => set({ people: toggled(narrowed.people, one.id, on) })}
            >
              {one.name}
            </Check>
          ))}
        </div>
        <ClockField
          id="narrow-after"
          label={say.notBefore}
          wrong={desk.wrong['after']}
          value={narrowed.after}
          onValue={(after) => set({ after })}
        />
        <div role="group" aria-label={say.onWeekdays} className="flex flex-wrap gap-x-3">
          {WEEKDAYS.map(([key], day) => (
            <Check
              key={key}
              id={`narrow-${key}`}
              checked={narrowed.weekdays.includes(day)}
              onChange={(on) => set({ weekdays: toggled(narrowed.weekdays, day, on) })}
            >
              {weekday(day, 'short')}
            </Check>
          ))}
        </div>
      </div>
    </details>
  );
}

const toggled = <T,>(all: readonly T[], one: T, on: boolean): T[] =>
  on ? [...all, one] : all.filter((other) => other !== one);

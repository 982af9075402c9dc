import type { Contents } from '../setup/things';
import { mostADay } from '../setup/words';
import { Check } from '../ui/Check';
import { Fold } from '../ui/Fold';
import { NumberField } from '../ui/NumberField';
import type { PartProps } from './person';
import * as say from '@words/roster';

type Told = Contents['person']['toldOf'];
const toggle = (list: Told, one: Told[number], on: boolean): Told =>
  on ? [...list.filter((other) => other !== one), one] : list.filter((other) => other !== one);

const MAILS = [
  ['booked', say.mailWhenSomebodyBooks],
  ['moved', say.mailWhenBookingWith],
  ['cancelled', say.mailWhenBookingWithThem],
  ['late', say.mailWhenNotBegun],
] as const;

/** How much somebody takes on, and what they get a mail about. */
export function PersonLimits({ content, set, wrong, disabled }: PartProps) {
  return (
    <Fold
      id="fold-rules"
      title={say.limitsAndMails}
      says={`${mostADay(content.maxPerDay)}, ${content.toldOf.length === 0 ? say.noMails : say.mails}`}
      wrong={wrong['maxPerDay'] !== undefined}
    >
      <fieldset disabled={disabled} className="contents">
        <NumberField
          id="person-max"
          label={say.mostBookingsDay}
          hint={say.nothingTypedAnyNumber}
          wrong={wrong['maxPerDay']}
          value={content.maxPerDay}
          empty={null}
          onValue={(maxPerDay) => set({ maxPerDay })}
        />
        <Check checked={content.respectBusy} onChange={(respectBusy) => set({ respectBusy })}>
          {say.busyTimesTheirOutside}
        </Check>
        {MAILS.map(([one, words]) => (
          <Check
            key={one}
            checked={content.toldOf.includes(one)}
            onChange={(on) => set({ toldOf: toggle(content.toldOf, one, on) })}
          >
            {words}
          </Check>
        ))}
        <Check checked={content.changesOwnHours} onChange={(changesOwnHours) => set({ changesOwnHours })}>
          {say.mayChangeTheirOwn}
        </Check>
      </fieldset>
    </Fold>
  );
}

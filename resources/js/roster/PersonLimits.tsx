import type { Contents } from '../setup/things';
import { mostADay } from '../setup/words';
import { Check } from '../ui/Check';
import { Fold } from '../ui/Fold';
import { NumberField } from '../ui/NumberField';
import type { PartProps } from './person';

type Told = Contents['person']['toldOf'];
const toggle = (list: Told, one: Told[number], on: boolean): Told =>
  on ? [...list.filter((other) => other !== one), one] : list.filter((other) => other !== one);

const MAILS = [
  ['booked', 'A mail when somebody books them'],
  ['moved', 'A mail when a booking with them is moved'],
  ['cancelled', 'A mail when a booking with them is cancelled'],
] as const;

/** How much somebody takes on, and what they get a mail about. */
export function PersonLimits({ content, set, wrong, disabled }: PartProps) {
  return (
    <Fold
      id="fold-rules"
      title="Limits and mails"
      says={`${mostADay(content.maxPerDay)}, ${content.toldOf.length === 0 ? 'no mails' : 'mails'}`}
      wrong={wrong['maxPerDay'] !== undefined}
    >
      <fieldset disabled={disabled} className="contents">
        <NumberField
          id="person-max"
          label="Most bookings a day"
          hint="Nothing typed: any number"
          wrong={wrong['maxPerDay']}
          value={content.maxPerDay}
          empty={null}
          onValue={(maxPerDay) => set({ maxPerDay })}
        />
        <Check checked={content.respectBusy} onChange={(respectBusy) => set({ respectBusy })}>
          Busy times of their outside calendar count
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
          May change their own hours and time off, once they sign in
        </Check>
      </fieldset>
    </Fold>
  );
}

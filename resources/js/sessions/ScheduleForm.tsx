import type { ServiceContent } from '../offer/service';
import { RepeatPart } from '../repeats/RepeatPart';
import { namesOf, useSetup } from '../setup/useSetup';
import { Alert } from '../ui/Alert';
import { Button } from '../ui/Button';
import { ClockField } from '../ui/ClockField';
import { Columns } from '../ui/Columns';
import { DateField } from '../ui/DateField';
import { LengthField } from '../ui/LengthField';
import { NumberField } from '../ui/NumberField';
import { Pick } from '../ui/Pick';
import { Select } from '../ui/Select';
import { Wrong } from '../ui/Wrong';
import { DateList } from './DateList';
import { useScheduling, type SessionDraft } from './useScheduling';
import * as say from '@words/sessions';

type Props = {
  business: string;
  service: string;
  content: ServiceContent;
  zone: string;
  first: SessionDraft;
  onDone: () => void;
  onLeave: () => void;
};

/** "Sundays at nine, six places, for eight weeks": each date with what stands in its way, before any is scheduled. */
export function ScheduleForm({ business, service, content, zone, first, onDone, onLeave }: Props) {
  const { data } = useSetup();
  const scheduling = useScheduling(business, service, first, onDone);
  const { draft, set, wrong } = scheduling;
  const names = namesOf(data);
  const named = (ids: readonly string[]) => ids.map((id) => ({ id, name: names.get(id) ?? '' }));
  const able = (data?.staff ?? []).filter((one) => one.active && content.staff.includes(one.id));
  return (
    <section className="session-form" aria-label={say.scheduleDates}>
      <Columns>
        <DateField
          id="session-date"
          label={say.firstOn}
          wrong={wrong['at']}
          value={draft.date}
          onValue={(date) => set({ date })}
        />
        <ClockField id="session-at" label={say.at} wrong={undefined} value={draft.at} onValue={(at) => set({ at })} />
      </Columns>
      <div className="session-often">
        <RepeatPart id="session" repeat={draft.repeat} date={draft.date} onRepeat={(repeat) => set({ repeat })} />
      </div>
      {Object.entries(wrong)
        .filter(([field]) => field.startsWith('repeat'))
        .map(([field, says]) => (
          <Wrong key={field} as="p">
            {says}
          </Wrong>
        ))}
      <Columns of={3}>
        <LengthField
          id="session-minutes"
          label={say.lasts}
          wrong={wrong['minutes']}
          value={draft.minutes}
          empty={0}
          onValue={(minutes) => set({ minutes })}
        />
        <NumberField
          id="session-places"
          label={say.placesLabel}
          wrong={wrong['places']}
          value={draft.places}
          empty={0}
          onValue={(places) => set({ places })}
        />
        <Select
          id="session-location"
          label={say.where}
          value={draft.location}
          options={named(content.locations).map(({ id, name }) => [id, name] as const)}
          wrong={wrong['location']}
          onValue={(location) => set({ location })}
        />
      </Columns>
      <Pick
        legend={say.heldBy}
        from={able}
        chosen={draft.staff}
        wrong={wrong['staff']}
        onChosen={(staff) => set({ staff })}
      />
      <DateList scheduling={scheduling} zone={zone} />
      <Alert says={scheduling.trouble} />
      <p className="flex flex-wrap gap-2">
        <Button
          id="schedule-them"
          kind="next"
          disabled={!scheduling.isReady}
          onClick={() => void scheduling.schedule()}
        >
          {say.scheduleSome({ count: scheduling.starts.length })}
        </Button>
        <Button onClick={onLeave}>{say.leaveIt}</Button>
      </p>
    </section>
  );
}

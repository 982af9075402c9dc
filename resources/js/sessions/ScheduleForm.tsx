import type { ServiceContent } from '../offer/service';
import { RepeatPart } from '../repeats/RepeatPart';
import { Alert } from '../ui/Alert';
import { Button } from '../ui/Button';
import { Wrong } from '../ui/Wrong';
import { DateList } from './DateList';
import { GatheringFields } from './GatheringFields';
import { WhenFields } from './WhenFields';
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
  const scheduling = useScheduling(business, service, first, onDone);
  const { draft, set, wrong } = scheduling;
  return (
    <section className="session-form" aria-label={say.scheduleDates}>
      <WhenFields id="session" label={say.firstOn} value={draft} wrong={wrong['at']} onValue={set} />
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
      <GatheringFields able={content} value={draft} wrong={wrong} onValue={set} />
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

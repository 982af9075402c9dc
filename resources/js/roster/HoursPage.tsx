import { namesOf } from '../setup/useSetup';
import { Effects } from '../setup/Effects';
import { History } from '../setup/History';
import { Meanwhile } from '../setup/Meanwhile';
import { SaveBar } from '../setup/SaveBar';
import { useThingPage } from '../setup/useThingPage';
import { WeekRuler } from '../hours/WeekRuler';

/** The opening hours: nobody is booked outside them. */
export function HoursPage() {
  const { business, data, may, editing, stranded, save } = useThingPage(
    'openingHours',
    'business',
    null,
    () => 'roster/hours',
  );
  const { content, draft } = editing;
  if (data === undefined || content === null || draft === null) {
    return <p role="status">Fetching the hours</p>;
  }
  return (
    <div className="beside">
      <section className="beside-main">
        <h2>Opening hours</h2>
        <p className="text-soft">
          Nobody is booked outside them. Draw on the bars, or type: 9-12:30, 13:30-18. What ends before it begins runs
          on into the next day: 22-6.
        </p>
        <fieldset disabled={!may('change-setup')} className="contents">
          <WeekRuler
            id="opening"
            table={content.hours}
            onChange={(hours) => editing.set({ hours })}
            empty="closed"
            wrong={editing.wrong['hours']}
          />
        </fieldset>
        <Meanwhile editing={editing} names={namesOf(data)} />
        <History history={editing.history} zone={data.timeZone} names={namesOf(data)} />
        <SaveBar editing={editing} what="opening hours" onSave={() => void save('Opening hours saved.')} />
      </section>
      <Effects business={business} zone={data.timeZone} drafts={[draft]} stranded={stranded} />
    </div>
  );
}

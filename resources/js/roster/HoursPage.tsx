import { namesOf } from '../setup/useSetup';
import { Effects } from '../setup/Effects';
import { History } from '../setup/History';
import { Meanwhile } from '../setup/Meanwhile';
import { SaveBar } from '../setup/SaveBar';
import { useThingPage } from '../setup/useThingPage';
import { WeekRuler } from '../hours/WeekRuler';
import * as say from '@words/roster';

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
    return <p role="status">{say.fetchingHours}</p>;
  }
  return (
    <div className="beside">
      <section className="beside-main">
        <h2>{say.openingHoursTitle}</h2>
        <p className="text-soft">{say.nobodyBookedOutsideThem}</p>
        <fieldset disabled={!may('change-setup')} className="contents">
          <WeekRuler
            id="opening"
            table={content.hours}
            onChange={(hours) => editing.set({ hours })}
            empty={say.closed}
            wrong={editing.wrong['hours']}
          />
        </fieldset>
        <Meanwhile editing={editing} names={namesOf(data)} />
        <History history={editing.history} zone={data.timeZone} names={namesOf(data)} />
        <SaveBar editing={editing} what={say.openingHours} onSave={() => void save(say.openingHoursSaved)} />
      </section>
      <Effects business={business} zone={data.timeZone} drafts={[draft]} stranded={stranded} />
    </div>
  );
}

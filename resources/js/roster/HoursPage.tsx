import { useSetup, namesOf } from '../setup/useSetup';
import { EffectPanel } from '../setup/EffectPanel';
import { History } from '../setup/History';
import { Meanwhile } from '../setup/Meanwhile';
import { SaveBar } from '../setup/SaveBar';
import { StrandedChoice, useStranded } from '../setup/Stranded';
import { useThing } from '../setup/useThing';
import { WeekRuler } from '../hours/WeekRuler';

/** The opening hours: nobody is booked outside them. */
export function HoursPage() {
  const { data, may } = useSetup();
  const editing = useThing('openingHours', 'business', null);
  const stranded = useStranded();
  const { content, draft, business } = editing;
  if (data === undefined || content === null || draft === null) {
    return <p role="status">Fetching the hours</p>;
  }
  const save = async () => {
    if ((await editing.save('Opening hours saved.')) !== null) {
      await stranded.carryOut();
    }
  };
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
        <SaveBar editing={editing} what="opening hours" onSave={() => void save()} />
      </section>
      <EffectPanel business={business} zone={data.timeZone} drafts={[draft]}>
        {(one) => <StrandedChoice booking={one} drafts={[draft]} stranded={stranded} zone={data.timeZone} />}
      </EffectPanel>
    </div>
  );
}

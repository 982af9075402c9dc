import { Link, useParams } from 'react-router';
import { Effects } from '../setup/Effects';
import { ThingFoot } from '../setup/ThingFoot';
import { namesOf } from '../setup/useSetup';
import { useThingPage } from '../setup/useThingPage';
import { Check } from '../ui/Check';
import { Fold } from '../ui/Fold';
import { FRESH } from './person';
import { PersonHours } from './PersonHours';
import { PersonLimits } from './PersonLimits';
import { PersonOnPage } from './PersonOnPage';
import { PersonPay } from './PersonPay';
import { PersonSignIn } from './PersonSignIn';
import { PersonWho } from './PersonWho';
import { TimeOffList } from './TimeOffList';
import * as say from '@words/roster';

/** One person: who they are, when they work, what they do, whether they sign in. */
export function PersonPage() {
  const { id } = useParams();
  return <PersonEditor key={id} id={id === 'new' || id === undefined ? null : id} />;
}

function PersonEditor({ id }: { id: string | null }) {
  const { business, data, may, editing, stranded, save } = useThingPage(
    'person',
    id,
    FRESH,
    (made) => `roster/people/${made}`,
  );
  const { content, draft, wrong } = editing;
  if (editing.missing) {
    return <p>{say.nobodyHereTheyMay}</p>;
  }
  if (data === undefined || content === null || draft === null) {
    return <p role="status">{say.fetchingThisPerson}</p>;
  }
  const member = data.staff.find((one) => one.id === id);
  const own = data.me.staff === id && id !== null;
  const all = may('change-setup');
  const hoursOnly = !all && own && member?.changesOwnHours === true && may('change-own-hours');
  const names = namesOf(data);
  const part = { content, wrong, set: editing.set };
  return (
    <div className="beside">
      <section className="beside-main">
        <h2>{id === null ? say.somebodyNew : content.name}</h2>
        <PersonWho {...part} disabled={!all} services={data.services} />
        <PersonHours {...part} disabled={!all && !hoursOnly} data={data} hoursOnly={hoursOnly} />
        {id !== null && (
          <Fold id="fold-off" title={say.timeOff} says={say.datesTheyAway}>
            <TimeOffList staff={id} mayChange={all || hoursOnly} />
          </Fold>
        )}
        <PersonOnPage {...part} disabled={!all} data={data} />
        <PersonLimits {...part} disabled={!all} />
        {may('see-pay') && <PersonPay {...part} disabled={!all} services={data.services} />}
        {id !== null && may('manage-sign-ins') && <PersonSignIn staff={id} email={content.email} />}
        {all && id !== null && (
          <section className="grid gap-2">
            <Check id="resting" checked={!content.active} onChange={(rests) => editing.set({ active: !rests })}>
              {say.restingCannotBeBooked}
            </Check>
          </section>
        )}
        <ThingFoot
          editing={editing}
          name={content.name}
          unnamed={say.thisPerson}
          isNew={id === null}
          names={names}
          onSave={() => void save(say.saved({ name: content.name }))}
          list={`/at/${business}/roster/people`}
        />
        {may('see-board') && (
          <p>
            <Link to={`/at/${business}/roster/people`}>{say.allPeople}</Link>
          </p>
        )}
      </section>
      <Effects
        business={business}
        zone={data.timeZone}
        drafts={content.name === '' ? [] : [draft]}
        stranded={stranded}
      />
    </div>
  );
}

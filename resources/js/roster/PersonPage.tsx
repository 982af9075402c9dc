import { Link, useParams } from 'react-router';
import { WeekRuler } from '../hours/WeekRuler';
import { Effects } from '../setup/Effects';
import { PictureField } from '../setup/PictureField';
import type { Contents } from '../setup/things';
import { ThingFoot } from '../setup/ThingFoot';
import { namesOf } from '../setup/useSetup';
import { useThingPage } from '../setup/useThingPage';
import { Check } from '../ui/Check';
import { Field } from '../ui/Field';
import { mostADay } from '../setup/words';
import { NumberField } from '../ui/NumberField';
import { Fold } from '../ui/Fold';
import { Pick } from '../ui/Pick';
import { MarkField } from '../setup/MarkField';
import { PersonSignIn } from './PersonSignIn';
import { TimeOffList } from './TimeOffList';

const FRESH: Contents['person'] = {
  name: '',
  email: '',
  phone: '',
  about: '',
  picture: null,
  colour: null,
  pattern: null,
  active: true,
  page: '',
  toldOf: ['booked', 'moved', 'cancelled'],
  changesOwnHours: false,
  hours: null,
  breaks: null,
  respectBusy: true,
  maxPerDay: null,
  services: [],
};

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
    return <p>Nobody is here. They may have been removed.</p>;
  }
  if (data === undefined || content === null || draft === null) {
    return <p role="status">Fetching this person</p>;
  }
  const member = data.staff.find((one) => one.id === id);
  const own = data.me.staff === id && id !== null;
  const all = may('change-setup');
  const hoursOnly = !all && own && member?.changesOwnHours === true && may('change-own-hours');
  const names = namesOf(data);
  return (
    <div className="beside">
      <section className="beside-main">
        <h2>{id === null ? 'Somebody new' : content.name}</h2>
        <fieldset disabled={!all} className="contents">
          <div className="two">
            <Field
              id="person-name"
              label="Name"
              maxLength={120}
              wrong={wrong['name']}
              value={content.name}
              onValue={(name) => editing.set({ name })}
            />
            <Field
              id="person-email"
              label="Mail"
              type="email"
              maxLength={190}
              wrong={wrong['email']}
              value={content.email}
              onValue={(email) => editing.set({ email })}
            />
            <Field
              id="person-phone"
              label="Phone"
              type="tel"
              maxLength={40}
              wrong={wrong['phone']}
              value={content.phone}
              onValue={(phone) => editing.set({ phone })}
            />
            <MarkField
              name={content.name}
              colour={content.colour}
              pattern={content.pattern}
              wrong={wrong['pattern'] ?? wrong['colour']}
              onMark={(colour, pattern) => editing.set({ colour, pattern })}
            />
          </div>
          {content.services.length === 0 && content.active && (
            <p className="notice" id="does-nothing">
              {data.services.length === 0
                ? 'Nobody can be booked yet: there is no service.'
                : 'Does nothing yet, so nobody can book them. Choose what they do.'}
            </p>
          )}
          {data.services.length > 0 && (
            <Pick
              legend="What they do"
              from={data.services}
              chosen={content.services}
              onChosen={(services) => editing.set({ services })}
              wrong={wrong['services']}
            />
          )}
        </fieldset>
        <Fold
          id="fold-hours"
          title="Hours"
          says={content.hours === null ? 'as the business' : 'their own'}
          open={content.hours !== null || hoursOnly}
          wrong={wrong['hours'] !== undefined}
        >
          <fieldset disabled={!all && !hoursOnly} className="contents">
            <div className="flex flex-wrap gap-5" role="radiogroup" aria-label="Whose hours">
              <label className="check">
                <input
                  type="radio"
                  name="own"
                  checked={content.hours === null}
                  onChange={() => editing.set({ hours: null })}
                />
                <span>as the business</span>
              </label>
              <label className="check">
                <input
                  type="radio"
                  name="own"
                  id="own-hours"
                  checked={content.hours !== null}
                  onChange={() => editing.set({ hours: data.openingHours })}
                />
                <span>their own</span>
              </label>
            </div>
            {content.hours !== null && (
              <WeekRuler
                id="own"
                table={content.hours}
                onChange={(hours) => editing.set({ hours })}
                empty="off"
                within={data.openingHours}
                places={data.locations}
                wrong={wrong['hours']}
              />
            )}
          </fieldset>
        </Fold>
        <Fold
          id="fold-breaks"
          title="Breaks"
          says={content.breaks === null ? 'none' : 'set'}
          wrong={wrong['breaks'] !== undefined}
        >
          <fieldset disabled={!all && !hoursOnly} className="contents">
            <Check checked={content.breaks !== null} onChange={(has) => editing.set({ breaks: has ? {} : null })}>
              Nobody is booked in a break
            </Check>
            {content.breaks !== null && (
              <WeekRuler
                id="breaks"
                table={content.breaks}
                onChange={(breaks) => editing.set({ breaks })}
                empty="none"
                wrong={wrong['breaks']}
              />
            )}
          </fieldset>
        </Fold>
        {id !== null && (
          <Fold id="fold-off" title="Time off" says="dates they are away">
            <TimeOffList staff={id} mayChange={all || hoursOnly} />
          </Fold>
        )}
        <Fold
          id="fold-more"
          title="On the page"
          says={content.page === '' ? 'no page of their own' : `…/book/${data.slug}?with=${content.page}`}
          wrong={wrong['page'] !== undefined || wrong['about'] !== undefined}
        >
          <fieldset disabled={!all} className="contents">
            <PictureField label="Picture" picture={content.picture} onPicture={(picture) => editing.set({ picture })} />
            <Field
              id="person-about"
              label="A few words about them"
              lines={2}
              maxLength={500}
              wrong={wrong['about']}
              value={content.about}
              onValue={(about) => editing.set({ about })}
            />
            <Field
              id="person-page"
              label="Last part of the address of their own page"
              hint={content.page === '' ? 'Nothing typed: they have none' : `${data.link}?with=${content.page}`}
              maxLength={60}
              wrong={wrong['page']}
              value={content.page}
              onValue={(page) => editing.set({ page: page.toLowerCase() })}
            />
          </fieldset>
        </Fold>
        <Fold
          id="fold-rules"
          title="Limits and mails"
          says={`${mostADay(content.maxPerDay)}, ${content.toldOf.length === 0 ? 'no mails' : 'mails'}`}
          wrong={wrong['maxPerDay'] !== undefined}
        >
          <fieldset disabled={!all} className="contents">
            <NumberField
              id="person-max"
              label="Most bookings a day"
              hint="Nothing typed: any number"
              wrong={wrong['maxPerDay']}
              value={content.maxPerDay}
              empty={null}
              onValue={(maxPerDay) => editing.set({ maxPerDay })}
            />
            <Check checked={content.respectBusy} onChange={(respectBusy) => editing.set({ respectBusy })}>
              Busy times of their outside calendar count
            </Check>
            <Check
              checked={content.toldOf.includes('booked')}
              onChange={(on) => editing.set({ toldOf: toggle(content.toldOf, 'booked', on) })}
            >
              A mail when somebody books them
            </Check>
            <Check
              checked={content.toldOf.includes('moved')}
              onChange={(on) => editing.set({ toldOf: toggle(content.toldOf, 'moved', on) })}
            >
              A mail when a booking with them is moved
            </Check>
            <Check
              checked={content.toldOf.includes('cancelled')}
              onChange={(on) => editing.set({ toldOf: toggle(content.toldOf, 'cancelled', on) })}
            >
              A mail when a booking with them is cancelled
            </Check>
            <Check checked={content.changesOwnHours} onChange={(changesOwnHours) => editing.set({ changesOwnHours })}>
              May change their own hours and time off, once they sign in
            </Check>
          </fieldset>
        </Fold>
        {id !== null && may('manage-sign-ins') && <PersonSignIn staff={id} email={content.email} />}
        {all && id !== null && (
          <section className="grid gap-2">
            <Check id="resting" checked={!content.active} onChange={(rests) => editing.set({ active: !rests })}>
              Resting: cannot be booked, nothing is lost. Their bookings stay, and are shown beside before you save.
            </Check>
          </section>
        )}
        <ThingFoot
          editing={editing}
          name={content.name}
          unnamed="this person"
          isNew={id === null}
          names={names}
          onSave={() => void save(`${content.name} saved.`)}
          list={`/at/${business}/roster/people`}
        />
        {may('see-board') && (
          <p>
            <Link to={`/at/${business}/roster/people`}>All people</Link>
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

type Told = Contents['person']['toldOf'];
const toggle = (list: Told, one: Told[number], on: boolean): Told =>
  on ? [...list.filter((other) => other !== one), one] : list.filter((other) => other !== one);

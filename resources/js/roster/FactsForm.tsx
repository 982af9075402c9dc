import { useNavigate } from 'react-router';
import { WEEKDAYS } from '../hours/hours';
import { WeekRuler } from '../hours/WeekRuler';
import { Effects } from '../setup/Effects';
import { History } from '../setup/History';
import { Meanwhile } from '../setup/Meanwhile';
import { PictureField } from '../setup/PictureField';
import { SaveBar } from '../setup/SaveBar';
import { useStranded } from '../setup/Stranded';
import { namesOf, useSetup } from '../setup/useSetup';
import { useThing } from '../setup/useThing';
import { Check } from '../ui/Check';
import { Field } from '../ui/Field';
import { Fold } from '../ui/Fold';
import { LinesField } from '../ui/LinesField';
import { LengthField } from '../ui/LengthField';
import { Select } from '../ui/Select';
import { ZoneField } from '../setup/ZoneField';

const PROOFS = [
  ['never', 'never'],
  ['abuse', 'for a day after somebody has held more times than anybody needs'],
  ['always', 'always'],
] as const;

/** What a business is called, where its page is, how it counts time and money. */
export function FactsForm({ mayChange }: { mayChange: boolean }) {
  const { data } = useSetup();
  const navigate = useNavigate();
  const editing = useThing('facts', 'business', null);
  const stranded = useStranded();
  const { content, before, draft, set, wrong, business } = editing;
  if (content === null || data === undefined) {
    return <p role="status">Fetching the facts</p>;
  }
  const save = async () => {
    if ((await editing.save('The business saved.')) === null) {
      return;
    }
    await stranded.carryOut(content.slug);
    if (content.slug !== business) {
      await navigate(`/at/${content.slug}/gate`);
    }
  };
  const links = Object.entries(wrong).find(([field]) => field.startsWith('links'))?.[1];
  return (
    <section className="grid gap-4" aria-labelledby="facts">
      <h2 id="facts" className="text-2xl">
        What stands on it
      </h2>
      <fieldset disabled={!mayChange} className="contents">
        <Field
          id="name"
          label="What is your business called?"
          maxLength={120}
          wrong={wrong['name']}
          value={content.name}
          onValue={(name) => set({ name })}
        />
        <Field
          id="about"
          label="In a sentence or two"
          lines={2}
          maxLength={500}
          wrong={wrong['about']}
          value={content.about}
          onValue={(about) => set({ about })}
        />
        <Field
          id="slug"
          label="Address of your page"
          hint={`${window.location.host}/book/${content.slug === '' ? '…' : content.slug}`}
          maxLength={60}
          wrong={wrong['slug']}
          value={content.slug}
          onValue={(slug) => set({ slug })}
        />
        <Fold
          id="fold-reach"
          title="Contact and pictures"
          says={[content.email, content.phone].filter((one) => one !== '').join(', ') || 'nothing yet'}
          wrong={wrong['email'] !== undefined || wrong['phone'] !== undefined || links !== undefined}
        >
          <div className="two">
            <Field
              id="email"
              label="Mail"
              type="email"
              maxLength={190}
              wrong={wrong['email']}
              value={content.email}
              onValue={(email) => set({ email })}
            />
            <Field
              id="phone"
              label="Phone"
              type="tel"
              maxLength={40}
              wrong={wrong['phone']}
              value={content.phone}
              onValue={(phone) => set({ phone })}
            />
          </div>
          <LinesField
            id="links"
            label="Links, one a line"
            lines={3}
            wrong={links}
            value={content.links}
            onValue={(next) => set({ links: next })}
          />
          <div className="two">
            <PictureField label="Logo" picture={content.logo} onPicture={(logo) => set({ logo })} />
            <PictureField label="Banner" picture={content.banner} onPicture={(banner) => set({ banner })} />
          </div>
        </Fold>
        <Fold
          id="fold-counts"
          title="Time and money"
          says={[
            content.timeZone,
            content.currency,
            `${content.clock} hours`,
            `weeks begin on ${WEEKDAYS.find(([day]) => day === content.firstWeekday)?.[1] ?? ''}`,
          ].join(', ')}
          wrong={['timeZone', 'currency', 'travelMinutes'].some((field) => wrong[field] !== undefined)}
        >
          <div className="two">
            <ZoneField wrong={wrong['timeZone']} value={content.timeZone} onValue={(timeZone) => set({ timeZone })} />
            <Field
              id="currency"
              label="Currency"
              maxLength={3}
              wrong={wrong['currency']}
              value={content.currency}
              onValue={(currency) => set({ currency: currency.toUpperCase() })}
            />
            <Select
              id="clock"
              label="Clock"
              value={content.clock === 12 ? '12' : '24'}
              options={[
                ['24', '24 hours'],
                ['12', '12 hours, a.m. and p.m.'],
              ]}
              onValue={(clock) => set({ clock: clock === '12' ? 12 : 24 })}
            />
            <Select
              id="first-weekday"
              label="Weeks begin on"
              value={content.firstWeekday}
              options={WEEKDAYS}
              onValue={(firstWeekday) => set({ firstWeekday })}
            />
            <LengthField
              id="travel"
              label="The way from one place to another"
              hint="Kept free between visits at different locations"
              wrong={wrong['travelMinutes']}
              value={content.travelMinutes}
              empty={-1}
              onValue={(travelMinutes) => set({ travelMinutes })}
            />
          </div>
        </Fold>
        <Fold
          id="fold-proof"
          title="Proving an address"
          says={PROOFS.find(([one]) => one === content.proof)?.[1] ?? ''}
          wrong={wrong['proof'] !== undefined}
        >
          <Select
            id="proof"
            label="Before something that is paid later is booked, a new client opens a link in a mail"
            hint="It keeps people from booking with an address that is not theirs."
            value={content.proof}
            options={PROOFS}
            onValue={(proof) => set({ proof })}
          />
        </Fold>
        <Fold
          id="fold-public"
          title="Hours shown on the page"
          says={content.publicHours === null ? 'the opening hours' : 'others than the opening hours'}
          wrong={wrong['publicHours'] !== undefined}
        >
          <Check
            checked={content.publicHours !== null}
            onChange={(own) => set({ publicHours: own ? data.openingHours : null })}
          >
            Show other hours than those in which you can be booked
          </Check>
          {content.publicHours !== null && (
            <WeekRuler
              id="public"
              table={content.publicHours}
              onChange={(publicHours) => set({ publicHours })}
              empty="closed"
              wrong={wrong['publicHours']}
            />
          )}
        </Fold>
      </fieldset>
      {before !== null &&
        (content.timeZone !== before.timeZone || content.travelMinutes !== before.travelMinutes) &&
        draft !== null && <Effects business={business} zone={data.timeZone} drafts={[draft]} stranded={stranded} />}
      <Meanwhile editing={editing} names={namesOf(data)} />
      <History history={editing.history} zone={data.timeZone} names={namesOf(data)} />
      <SaveBar editing={editing} what="the business" onSave={() => void save()} />
    </section>
  );
}

import type { ReactNode } from 'react';
import { useNavigate } from 'react-router';
import { Effects } from '../setup/Effects';
import { History } from '../setup/History';
import { Meanwhile } from '../setup/Meanwhile';
import { SaveBar } from '../setup/SaveBar';
import { useStranded } from '../setup/Stranded';
import { namesOf, useSetup } from '../setup/useSetup';
import { useThing } from '../setup/useThing';
import { Check } from '../ui/Check';
import { Field } from '../ui/Field';
import { Fold } from '../ui/Fold';
import { Select } from '../ui/Select';
import { FactsCounts } from './FactsCounts';
import { FactsPromises } from './FactsPromises';
import { FactsPublic } from './FactsPublic';
import { FactsReach } from './FactsReach';
import * as say from '@words/roster';

const PROOFS = [
  ['never', say.never],
  ['abuse', say.forDayAfterSomebody],
  ['always', say.always],
] as const;

/** What a business is called, where its page is, how it counts time and money; beside it whether it is shown. */
export function FactsForm({ mayChange, children }: { mayChange: boolean; children: ReactNode }) {
  const { data } = useSetup();
  const navigate = useNavigate();
  const editing = useThing('facts', 'business', null);
  const stranded = useStranded();
  const { content, before, draft, set, wrong, business } = editing;
  if (content === null || data === undefined) {
    return <p role="status">{say.fetchingFacts}</p>;
  }
  const save = async () => {
    if ((await editing.save(say.businessSaved)) === null) {
      return;
    }
    await stranded.carryOut(content.slug);
    if (content.slug !== business) {
      await navigate(`/at/${content.slug}/gate`);
    }
  };
  const part = { content, set, wrong };
  const isTimeChanged =
    before !== null &&
    (content.timeZone !== before.timeZone ||
      content.travelMinutes !== before.travelMinutes ||
      content.tightDays !== before.tightDays);
  return (
    <section className="grid gap-4" aria-labelledby="facts">
      <div className="beside">
        <fieldset disabled={!mayChange} className="contents">
          <div className="beside-main">
            <h2 id="facts" className="text-2xl">
              {say.whatStandsOn}
            </h2>
            <Field
              id="name"
              label={say.whatBusinessCalled}
              maxLength={120}
              wrong={wrong['name']}
              value={content.name}
              onValue={(name) => set({ name })}
            />
            <Field
              id="about"
              label={say.inSentenceOrTwo}
              lines={2}
              maxLength={500}
              wrong={wrong['about']}
              value={content.about}
              onValue={(about) => set({ about })}
            />
            <Field
              id="slug"
              label={say.pageAddress}
              hint={`${window.location.host}/book/${content.slug === '' ? '…' : content.slug}`}
              maxLength={60}
              wrong={wrong['slug']}
              value={content.slug}
              onValue={(slug) => set({ slug })}
            />
            <Check id="searchable" checked={content.searchable} onChange={(searchable) => set({ searchable })}>
              {say.foundBySearch}
            </Check>
            <FactsPromises {...part} />
            <FactsPublic {...part} opening={data.openingHours} />
          </div>
        </fieldset>
        <div className="beside-main">
          {children}
          <fieldset disabled={!mayChange} className="contents">
            <FactsReach {...part} />
            <FactsCounts {...part} />
            <Fold
              id="fold-proof"
              title={say.provingAddress}
              says={PROOFS.find(([one]) => one === content.proof)?.[1] ?? ''}
              wrong={wrong['proof'] !== undefined}
            >
              <Select
                id="proof"
                label={say.beforeSomethingThatPaid}
                hint={say.keepsPeopleFromBooking}
                value={content.proof}
                options={PROOFS}
                onValue={(proof) => set({ proof })}
              />
            </Fold>
            {isTimeChanged && draft !== null && (
              <Effects business={business} zone={data.timeZone} drafts={[draft]} stranded={stranded} />
            )}
          </fieldset>
        </div>
      </div>
      <Meanwhile editing={editing} names={namesOf(data)} />
      <History history={editing.history} zone={data.timeZone} names={namesOf(data)} />
      <SaveBar editing={editing} what={say.business} onSave={() => void save()} />
    </section>
  );
}

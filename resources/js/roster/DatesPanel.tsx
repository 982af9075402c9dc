import { useState } from 'react';
import { Wrong } from '../ui/Wrong';
import { Button } from '../ui/Button';
import type { Schemas } from '../lib/api';
import { daysBetween, longDate } from '../lib/format';
import { Effects } from '../setup/Effects';
import { useStranded } from '../setup/Stranded';
import { useSave } from '../setup/useSave';
import { useSetup } from '../setup/useSetup';
import { Check } from '../ui/Check';
import { Choice } from '../ui/Choice';
import { DatesFields } from './DatesFields';
import { DatesFor } from './DatesFor';
import { draftsOf, isWide, type Wish } from './datesWish';
import { OnDates } from './OnDates';
import type { Dates } from './YearStrip';
import * as say from '@words/roster';

const WHATS = [
  ['closed', say.closedTitle, 'what-closed'],
  ['special', say.otherHoursTitle, 'what-special'],
  ['off', say.timeOff, 'what-off'],
] as const;

const NOTHING = { what: null, name: '', typed: '' } as const;

type Props = { dates: Schemas['Year']; chosen: Dates | null; mayChange: boolean };

/** What is on the chosen dates, and what else could be: for everyone, for named people, or for one location. */
export function DatesPanel({ dates, chosen, mayChange }: Props) {
  const { business, data, may } = useSetup();
  const all = may('change-setup');
  const saving = useSave();
  const stranded = useStranded();
  const [wish, setWish] = useState<Wish>({
    ...NOTHING,
    whose: all ? null : 'people',
    people: all || data?.me.staff == null ? [] : [data.me.staff],
    place: '',
    times: { from: '00:00', to: '00:00' },
  });
  const [wide, setWide] = useState(false);
  if (data === undefined) {
    return null;
  }
  if (chosen === null) {
    return <p className="text-soft">{say.pressDayToSee}</p>;
  }
  const onWish = (changes: Partial<Wish>) => setWish({ ...wish, ...changes });
  const drafts = draftsOf(wish, chosen, dates);
  const days = daysBetween(chosen.first, chosen.last);
  const words =
    days === 1 ? longDate(chosen.first) : say.spans({ first: longDate(chosen.first), last: longDate(chosen.last) });
  const asksWide = isWide(chosen) && drafts.length > 0;
  const save = async () => {
    if ((await saving.save(drafts, say.savedFor({ words }))) !== null) {
      await stranded.carryOut();
      onWish(NOTHING); // what is saved stands above now, and is not counted again
      setWide(false);
    }
  };
  const wrong = Object.values(saving.refused?.fields ?? {})[0] ?? saving.refused?.message;
  return (
    <div className="beside">
      <section className="beside-main" aria-label={say.chosenDates}>
        <h2>{say.chosenDays({ words, days })}</h2>
        <OnDates dates={dates} chosen={chosen} mayChange={mayChange} />
        {mayChange && (
          <>
            <Choice
              label={say.whatDifferent}
              value={wish.what}
              options={WHATS.filter(([one]) => all || one !== 'closed')}
              onValue={(what) => onWish({ what })}
            />
            {all && <DatesFor wish={wish} onWish={onWish} data={data} />}
            {wish.what !== null && <DatesFields wish={wish} onWish={onWish} />}
            {wrong !== undefined && (
              <Wrong as="p" role="alert">
                {wrong}
              </Wrong>
            )}
            {asksWide && (
              <Check id="wide" checked={wide} onChange={setWide}>
                {say.yesForAllDays({ days, first: longDate(chosen.first), last: longDate(chosen.last) })}
              </Check>
            )}
            {wish.what !== null && (
              <p>
                <Button
                  id="save-dates"
                  kind="next"
                  disabled={saving.saving || drafts.length === 0 || (asksWide && !wide)}
                  onClick={() => void save()}
                >
                  {say.saveAll({ count: drafts.length })}
                </Button>
              </p>
            )}
          </>
        )}
      </section>
      {mayChange && drafts.length > 0 && (
        <Effects business={business} zone={data.timeZone} drafts={drafts} stranded={stranded} from={chosen.first} />
      )}
    </div>
  );
}

import { useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import { Button } from '../ui/Button';
import { year } from '../setup/things';
import { useSetup } from '../setup/useSetup';
import { DatesPanel } from './DatesPanel';
import { YearStrip } from './YearStrip';
import * as say from '@words/roster';
import './YearPage.css';

/** What is different on some dates: special days, closures and time off, for everyone or for named people. */
export function YearPage() {
  const { business, data, may } = useSetup();
  const [shown, setShown] = useState(new Date().getFullYear());
  const [chosen, setChosen] = useState<{ first: string; last: string } | null>(null);
  const { data: dates } = useQuery(year(business, shown));
  if (data === undefined || dates === undefined) {
    return <p role="status">{say.fetchingYear}</p>;
  }
  const mayChange =
    may('change-setup') ||
    (may('change-own-hours') && data.staff.some((one) => one.id === data.me.staff && one.changesOwnHours));
  const go = (to: number) => {
    setShown(to);
    setChosen(null);
  };
  return (
    <div className="grid gap-5">
      <section className="grid gap-3">
        <div className="list-head">
          <h2>{dates.year}</h2>
          <Button small onClick={() => go(shown - 1)}>
            {shown - 1}
          </Button>
          <Button id="next-year" small onClick={() => go(shown + 1)}>
            {shown + 1}
          </Button>
          <p className="text-soft">
            <span className="year-key year-key-special" /> {say.otherHours} <span className="year-key hatched" />{' '}
            {say.closed} <span className="year-key year-key-off" /> {say.somebodyIsAway}
          </p>
        </div>
        <YearStrip dates={dates} hours={data.openingHours} chosen={chosen} onChosen={setChosen} />
      </section>
      <DatesPanel
        key={chosen === null ? '' : `${chosen.first} ${chosen.last}`}
        dates={dates}
        chosen={chosen}
        mayChange={mayChange}
      />
    </div>
  );
}

import { keepPreviousData, useQuery } from '@tanstack/react-query';
import type { ReactNode } from 'react';
import type { Schemas } from '../lib/api';
import { counted, dateParts, longDate, moment } from '../lib/format';
import { Hours } from '../hours/WeekRuler';
import { useSettled } from '../ui/useSettled';
import { effect, type Draft } from './things';

type Props = {
  business: string;
  zone: string;
  drafts: readonly Draft[];
  from?: string;
  children?: (stranded: Schemas['Stranded']) => ReactNode;
};

/** The next four weeks as they would be: what opens, what closes, who would be stranded. Asked while one edits. */
export function EffectPanel({ business, zone, drafts, from, children }: Props) {
  const settled = useSettled(drafts, 120); // ms
  const { data, isError } = useQuery({
    ...effect(business, settled, from ?? null),
    placeholderData: keepPreviousData,
    enabled: settled.length > 0,
  });
  if (data === undefined) {
    return (
      <aside className="effect">
        {isError ? (
          <p>What is typed cannot be read yet, so its effect is not shown.</p>
        ) : (
          <p role="status">Looking at the next four weeks</p>
        )}
      </aside>
    );
  }
  const changes = data.gained + data.lost > 0;
  return (
    <aside className="effect" aria-label="What it does to the next four weeks" tabIndex={0}>
      <h2>{titleOf(data.days, from)}</h2>
      <p className="effect-sum" role="status">
        {changes ? (
          <>
            {data.gained > 0 && <b className="opens">opens {counted(data.gained, 'start')}</b>}
            {data.gained > 0 && data.lost > 0 && ', '}
            {data.lost > 0 && <b className="closes">closes {counted(data.lost, 'start')}</b>}, each person’s counted
          </>
        ) : (
          'No time opens or closes.'
        )}
      </p>
      {data.services.length > 0 && (
        <ul className="effect-services">
          {data.services.map((one) => (
            <li key={one.id}>
              {one.name} {one.gained > 0 && <b className="opens">+{one.gained}</b>}{' '}
              {one.lost > 0 && <b className="closes">−{one.lost}</b>}
            </li>
          ))}
        </ul>
      )}
      {data.strandedCount > 0 && (
        <section className="stranded">
          <h3>
            {data.strandedCount === 1 ? 'One booking' : `${data.strandedCount} bookings`} would be left outside the
            hours
          </h3>
          <p>They stay booked as they are, unless you say otherwise.</p>
          <ul>
            {data.stranded.map((one) => (
              <li key={one.id}>
                <b>{moment(one.start, zone)}</b> {one.service}, {one.client ?? 'no name yet'}, with{' '}
                {one.staff.join(' and ')}
                {children?.(one)}
              </li>
            ))}
          </ul>
        </section>
      )}
      <div className="effect-days">
        <div className="effect-row" aria-hidden="true">
          <span />
          <Hours from={data.ruler.from} to={data.ruler.to} />
          <span />
        </div>
        {data.days.map((day) => (
          <DayRow key={day.date} day={day} ruler={data.ruler} />
        ))}
      </div>
    </aside>
  );
}

/** Of a large house one week is shown, of all others four. */
function titleOf(days: readonly Schemas['EffectDay'][], from: string | undefined): string {
  const long = days.length > 7 ? 'four weeks' : 'week';
  const first = days[0]?.date ?? from;
  return from === undefined || first === undefined
    ? `The next ${long}`
    : `${days.length > 7 ? 'Four weeks' : 'A week'} from ${longDate(first)}`;
}

function DayRow({ day, ruler }: { day: Schemas['EffectDay']; ruler: Schemas['DayStretch'] }) {
  const parts = dateParts(day.date);
  const wide = ruler.to - ruler.from;
  const box = (one: Schemas['DayStretch']) => ({
    left: `${(100 * (one.from - ruler.from)) / wide}%`,
    width: `${(100 * (one.to - one.from)) / wide}%`,
  });
  const said = [day.gained > 0 ? `${day.gained} more` : '', day.lost > 0 ? `${day.lost} fewer` : ''].filter(
    (one) => one !== '',
  );
  return (
    <div className="effect-row" data-monday={parts.weekday === 'Mon'}>
      <span className="effect-date">
        {parts.weekday} {parts.day}
      </span>
      <span className="effect-bar hatched" role="img" aria-label={said.length === 0 ? 'as before' : said.join(', ')}>
        {day.stays.map((one) => (
          <i key={`s${one.from}`} className="stays" style={box(one)} />
        ))}
        {day.closes.map((one) => (
          <i key={`c${one.from}`} className="closes" style={box(one)} />
        ))}
        {day.opens.map((one) => (
          <i key={`o${one.from}`} className="opens" style={box(one)} />
        ))}
      </span>
      <span className="effect-count" aria-hidden="true">
        {day.gained > 0 && <b className="opens">+{day.gained}</b>}{' '}
        {day.lost > 0 && <b className="closes">−{day.lost}</b>}
      </span>
    </div>
  );
}

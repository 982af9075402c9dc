import { keepPreviousData, useQuery } from '@tanstack/react-query';
import type { ReactNode } from 'react';
import type { Schemas } from '../lib/api';
import { dateParts, listed, longDate, moment } from '../lib/format';
import { Hours } from '../hours/WeekRuler';
import { useSettled } from '../ui/useSettled';
import { effect, type Draft } from './things';
import * as say from '@words/setup';
import { rich } from '../language/rich';
import './EffectPanel.css';

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
        {isError ? <p>{say.whatTypedCannotBe}</p> : <p role="status">{say.lookingAtNextFour}</p>}
      </aside>
    );
  }
  const changes = data.gained + data.lost > 0;
  return (
    <aside className="effect" aria-label={say.whatDoesToNext} tabIndex={0}>
      <h2>{titleOf(data.days, from)}</h2>
      <p className="effect-sum" role="status">
        {changes
          ? rich(say.effectSum, {
              both: data.gained > 0 && data.lost > 0 ? 'yes' : 'no',
              opens: data.gained > 0 ? <b className="opens">{say.opens({ count: data.gained })}</b> : '',
              closes: data.lost > 0 ? <b className="closes">{say.closes({ count: data.lost })}</b> : '',
            })
          : say.noTimeOpensOr}
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
          <h3>{say.leftOutside({ count: data.strandedCount })}</h3>
          <p>{say.theyStayBookedAs}</p>
          <ul>
            {data.stranded.map((one) => (
              <li key={one.id}>
                {rich(say.strandedLine, {
                  when: <b>{moment(one.start, zone)}</b>,
                  service: one.service,
                  client: one.client ?? say.noNameYet,
                  staff: listed(one.staff),
                })}
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
  const long = days.length > 7;
  const first = days[0]?.date ?? from;
  return from === undefined || first === undefined
    ? long
      ? say.nextFourWeeks
      : say.nextWeek
    : (long ? say.fourWeeksFrom : say.weekFrom)({ day: longDate(first) });
}

function DayRow({ day, ruler }: { day: Schemas['EffectDay']; ruler: Schemas['DayStretch'] }) {
  const parts = dateParts(day.date);
  const wide = ruler.to - ruler.from;
  const box = (one: Schemas['DayStretch']) => ({
    left: `${(100 * (one.from - ruler.from)) / wide}%`,
    width: `${(100 * (one.to - one.from)) / wide}%`,
  });
  const said = [
    day.gained > 0 ? say.more({ gained: day.gained }) : '',
    day.lost > 0 ? say.fewer({ lost: day.lost }) : '',
  ].filter((one) => one !== '');
  return (
    <div className="effect-row" data-monday={parts.monday}>
      <span className="effect-date">
        {parts.weekday} {parts.day}
      </span>
      <span className="effect-bar hatched" role="img" aria-label={said.length === 0 ? say.asBefore : said.join(', ')}>
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

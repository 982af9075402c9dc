import { useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import { useParams } from 'react-router';
import { Button } from '../ui/Button';
import { api, unwrap } from '../lib/api';
import { addDays, longDate } from '../lib/format';
import { Hours } from '../hours/WeekRuler';
import { DAY } from '../hours/hours';
import { minuteOfDay } from '../lib/format';
import * as say from '@words/roster';
import './PoolDay.css';

/** How one day uses the units of a pool. */
export function PoolDay({ units }: { units: readonly { id: string; name: string }[] }) {
  const { business = '', id = '' } = useParams();
  const [date, setDate] = useState<string | null>(null);
  const { data } = useQuery({
    queryKey: ['pool-day', business, id, date],
    queryFn: async ({ signal }) =>
      unwrap(
        api.GET('/api/businesses/{business}/pools/{id}/day', {
          params: { path: { business, id }, query: date === null ? {} : { date } },
          signal,
        }),
      ),
  });
  if (data === undefined) {
    return null;
  }
  const left = (minute: number) => `${(100 * Math.min(DAY, minute)) / DAY}%`;
  return (
    <section className="grid gap-2" aria-label={say.daysUse}>
      <div className="list-head">
        <h3>{longDate(data.date)}</h3>
        <Button small onClick={() => setDate(addDays(data.date, -1))}>
          {say.dayBefore}
        </Button>
        <Button small onClick={() => setDate(addDays(data.date, 1))}>
          {say.dayAfter}
        </Button>
      </div>
      <div className="unit-row" aria-hidden="true">
        <span />
        <Hours from={0} to={DAY} />
      </div>
      {data.units.map((unit) => (
        <div key={unit.id} className="unit-row">
          <span>{units.find((one) => one.id === unit.id)?.name ?? ''}</span>
          <span
            className="unit-bar"
            role="img"
            aria-label={
              unit.taken.length === 0
                ? say.freeAllDay
                : unit.taken
                    .map((one) => `${one.service} ${minuteOfDay(one.from % 1440)}–${minuteOfDay(one.to % 1440)}`)
                    .join(', ')
            }
          >
            {unit.out.map((one) => (
              <i
                key={`o${one.from}`}
                className="unit-out hatched"
                style={{ left: left(one.from), right: `calc(100% - ${left(one.to)})` }}
              />
            ))}
            {unit.taken.map((one) => (
              <i
                key={`t${one.from}`}
                className="unit-taken"
                title={`${one.service} ${minuteOfDay(one.from % 1440)}–${minuteOfDay(one.to % 1440)}`}
                style={{ left: left(one.from), right: `calc(100% - ${left(one.to)})` }}
              >
                {one.service}
              </i>
            ))}
          </span>
        </div>
      ))}
    </section>
  );
}

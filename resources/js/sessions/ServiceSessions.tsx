import { useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import { dateIn } from '../lib/format';
import { sessions } from '../lib/queries';
import type { ServiceContent } from '../offer/service';
import { useSetup } from '../setup/useSetup';
import { Button } from '../ui/Button';
import { ScheduleForm } from './ScheduleForm';
import { SessionRows } from './SessionRows';
import * as say from '@words/sessions';
import './sessions.css';

type Props = { business: string; service: string; content: ServiceContent; zone: string };

/** ms */
const DAY = 86_400_000;

/** Places of a first session, where its service says none. */
const PLACES = 6;

/** When a service for groups is held: the dates to come, and how more of them are scheduled. */
export function ServiceSessions({ business, service, content, zone }: Props) {
  const { may } = useSetup();
  const [firstDate, setFirstDate] = useState<string | null>(null);
  const begin = () => setFirstDate(dateIn(new Date(Date.now() + DAY).toISOString(), zone));
  const leave = () => setFirstDate(null);
  const { data } = useQuery(sessions(business, service));
  const rows = data?.sessions ?? [];
  const last = rows.at(-1);
  return (
    <section className="grid gap-3" aria-labelledby="service-dates">
      <h3 id="service-dates">{say.dates}</h3>
      {data !== undefined && rows.length === 0 && firstDate === null && (
        <p className="text-soft">{say.noneScheduled}</p>
      )}
      <SessionRows business={business} rows={rows} zone={zone} />
      {firstDate !== null ? (
        <ScheduleForm
          business={business}
          service={service}
          content={content}
          zone={zone}
          first={{
            date: firstDate,
            at: '10:00',
            repeat: null,
            minutes: content.minutes,
            places: last?.places ?? PLACES,
            staff: content.staff.slice(0, 1),
            location: content.locations[0] ?? '',
          }}
          onDone={leave}
          onLeave={leave}
        />
      ) : (
        may('schedule-sessions') && (
          <Button id="schedule" kind="next" className="justify-self-start" onClick={begin}>
            {say.scheduleDates}
          </Button>
        )
      )}
    </section>
  );
}

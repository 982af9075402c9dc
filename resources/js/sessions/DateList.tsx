import type { Schemas } from '../lib/api';
import { clock, day, moment } from '../lib/format';
import { Button } from '../ui/Button';
import type { Scheduling } from './useScheduling';
import * as say from '@words/sessions';

/** Each date: that it goes, or what stands in its way and what is nearest; taken, moved or left out one by one. */
export function DateList({ scheduling, zone }: { scheduling: Scheduling; zone: string }) {
  return (
    <ol className="session-dates" aria-label={say.theDates}>
      {scheduling.dates.map((one) => (
        <li key={one.at} data-answer={scheduling.answerOf(one)} data-state={one.state}>
          <Line one={one} scheduling={scheduling} zone={zone} />
        </li>
      ))}
    </ol>
  );
}

type Props = { one: Schemas['SessionDate']; scheduling: Scheduling; zone: string };

function Line({ one, scheduling, zone }: Props) {
  const { answerOf, answer } = scheduling;
  const said = answerOf(one);
  const { nearest } = one;
  return (
    <>
      <span className="min-w-0 flex-1">
        <b>
          {said === 'nearest' && nearest !== null
            ? moment(nearest, zone)
            : say.dayFromTo({ day: day(one.at, zone), from: clock(one.at, zone), to: clock(one.end, zone) })}
        </b>
        {one.state === 'past' && <span className="block text-sm text-soft">{say.isOver}</span>}
        {one.reasons.length > 0 && said !== 'nearest' && (
          <span className="block text-sm text-soft">{one.reasons.slice(0, 3).join(' ')}</span>
        )}
      </span>
      <span className="flex flex-wrap gap-1.5">
        {one.state === 'outside' && said !== 'take' && (
          <Button small onClick={() => answer(one.at, 'take')}>
            {say.takeAllTheSame}
          </Button>
        )}
        {one.state === 'free' && said !== 'take' && (
          <Button small onClick={() => answer(one.at, 'take')}>
            {say.takeAgain}
          </Button>
        )}
        {nearest !== null && said !== 'nearest' && one.state !== 'free' && (
          <Button small onClick={() => answer(one.at, 'nearest')}>
            {say.takeNearest({ at: moment(nearest, zone) })}
          </Button>
        )}
        {said !== 'out' && (
          <Button small onClick={() => answer(one.at, 'out')}>
            {say.leaveOut}
          </Button>
        )}
      </span>
    </>
  );
}

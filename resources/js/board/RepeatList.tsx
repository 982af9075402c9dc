import type { Schemas } from '../lib/api';
import { moment } from '../lib/format';
import { Button } from '../ui/Button';
import { useNames } from '../ui/useNames';
import type { DeskRepeat } from './useRepeats';
import * as say from '@words/board';

/** Each time of a repeat: taken, or why it does not fit with what is nearest; to take, to change, to leave out. */
export function RepeatList({ repeat, zone }: { repeat: DeskRepeat; zone: string }) {
  return (
    <ol className="desk-dates" aria-label={say.repeatDates}>
      {repeat.occurrences.map((one) => (
        <li key={one.at} data-answer={repeat.answerOf(one)}>
          <When one={one} repeat={repeat} zone={zone} />
        </li>
      ))}
    </ol>
  );
}

type Props = { one: Schemas['DeskOccurrence']; repeat: DeskRepeat; zone: string };

function When({ one, repeat, zone }: Props) {
  const { hidden } = useNames();
  const answer = repeat.answerOf(one);
  const { nearest } = one;
  return (
    <>
      <span>
        <b>{moment(answer === 'nearest' && nearest !== null ? nearest.at : one.at, zone)}</b>
        {one.row === null && answer !== 'nearest' && !hidden && (
          <span className="block text-sm text-soft">{one.reasons.slice(0, 2).join(' ')}</span>
        )}
      </span>
      <span className="flex gap-1.5">
        {one.row === null && nearest !== null && answer !== 'nearest' && (
          <Button small onClick={() => repeat.answer(one.at, 'nearest')}>
            {say.takeNearest({ at: moment(nearest.at, zone) })}
          </Button>
        )}
        {answer !== 'out' && (
          <Button small onClick={() => repeat.answer(one.at, 'out')}>
            {say.leaveOut}
          </Button>
        )}
        {answer === 'out' && one.row !== null && (
          <Button small onClick={() => repeat.answer(one.at, 'take')}>
            {say.takeAgain}
          </Button>
        )}
      </span>
    </>
  );
}

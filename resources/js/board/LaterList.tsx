import type { Schemas } from '../lib/api';
import { moment } from '../lib/format';
import { Button } from '../ui/Button';
import { useNames } from '../ui/useNames';
import type { Answers } from './later';
import * as say from '@words/board';

type Props = {
  later: readonly Schemas['LaterOne'][];
  answers: Answers;
  onAnswers: (answers: Answers) => void;
  names: ReadonlyMap<string, string>;
  zone: string;
};

/** Each later one of a repeat: where it goes, or why it cannot, with what is nearest; to move, to change, to leave. */
export function LaterList({ later, answers, onAnswers, names, zone }: Props) {
  const { hidden } = useNames();
  const answer = (id: string, start: string | null) => onAnswers({ ...answers, [id]: start });
  const letGo = (id: string) => onAnswers(Object.fromEntries(Object.entries(answers).filter(([one]) => one !== id)));
  return (
    <ol className="desk-dates max-h-48 overflow-y-auto" aria-label={say.laterOnes}>
      {later.map((one) => {
        const stays = one.start === null || !one.fits;
        return (
          <li key={one.id} data-answer={stays ? 'out' : 'take'}>
            <span>
              {stays ? say.staysAt({ at: moment(one.from, zone) }) : <b>{moment(one.start ?? one.from, zone)}</b>}
              {one.staff.length > 0 &&
                ` ${say.withOthers({ who: one.staff.map((id) => names.get(id) ?? '').join(', ') })}`}
              {!one.fits && !hidden && (
                <span className="block text-sm text-soft">{one.reasons.slice(0, 2).join(' ')}</span>
              )}
            </span>
            <span className="flex gap-1.5">
              {!one.fits && one.nearest !== null && (
                <Button small onClick={() => answer(one.id, one.nearest)}>
                  {say.takeNearest({ at: moment(one.nearest, zone) })}
                </Button>
              )}
              {!stays && (
                <Button small onClick={() => answer(one.id, null)}>
                  {say.leaveThere}
                </Button>
              )}
              {one.id in answers && stays && (
                <Button small onClick={() => letGo(one.id)}>
                  {say.moveItToo}
                </Button>
              )}
            </span>
          </li>
        );
      })}
    </ol>
  );
}

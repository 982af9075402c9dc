import { useQuery } from '@tanstack/react-query';
import type { Schemas } from '../lib/api';
import { clock, moment } from '../lib/format';
import { cancelledOn } from '../lib/queries';
import { wordOf } from '../language/wordOf';
import { Fold } from '../ui/Fold';
import { useNames } from '../ui/useNames';
import * as say from '@words/board';

type Props = { board: Schemas['Board']; onChoose: (id: string) => void };

/** What was to be on the day and is not, folded: by whom, and when that was said. */
export function CancelledDay(props: Props) {
  return (
    <Fold id="fold-cancelled" title={say.notTakingPlace} says="">
      <Gone {...props} />
    </Fold>
  );
}

function Gone({ board, onChoose }: Props) {
  const { shown } = useNames();
  const zone = board.business.timeZone;
  const { data } = useQuery(cancelledOn(board.business.slug, board.date));
  if (data === undefined) {
    return <p role="status">{say.oneMomentBoard}</p>;
  }
  return data.bookings.length === 0 ? (
    <p className="text-soft">{say.nothingCancelled}</p>
  ) : (
    <ul className="grid gap-1.5">
      {data.bookings.map((one) => (
        <li key={one.id}>
          <button type="button" className="coming-row" onClick={() => onChoose(one.id)}>
            <span className="min-w-0">
              <b>{shown(one.client)}</b>
              <span className="block truncate text-sm text-soft">
                {say.serviceAt({ service: one.service, at: clock(one.start, zone) })}
              </span>
              <span className="block text-sm">
                {say.goneBy({ state: wordOf(say.states, one.state), by: one.by, at: moment(one.at, zone) })}
              </span>
            </span>
          </button>
        </li>
      ))}
    </ul>
  );
}

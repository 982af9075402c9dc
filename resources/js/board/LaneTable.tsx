import type { Schemas } from '../lib/api';
import { clock, endClock, money } from '../lib/format';
import { useNames } from '../ui/useNames';
import { standingOf } from './standing';
import * as say from '@words/board';

type Props = {
  board: Schemas['Board'];
  day: Schemas['BoardDay'];
  lane: Schemas['Lane'];
  now: string;
  /** Opens a booking; left out on paper. */
  onChoose?: (id: string) => void;
};

/** A lane as a table, a line a visit: for paper, for screen readers, and for whoever reads lists more easily. */
export function LaneTable({ board, day, lane, now, onChoose }: Props) {
  const { shown } = useNames();
  const zone = board.business.timeZone;
  const tags = day.tags.filter((tag) => tag.lanes.includes(lane.id) && tag.state !== 'held');
  if (tags.length === 0) {
    return null;
  }
  return (
    <table>
      <caption>{lane.name}</caption>
      <thead>
        <tr>
          <th scope="col">{say.columns.when}</th>
          <th scope="col">{say.columns.who}</th>
          <th scope="col">{say.columns.what}</th>
          <th scope="col">{say.columns.besides}</th>
        </tr>
      </thead>
      <tbody>
        {tags.map((tag) => {
          const who =
            tag.client === null ? say.places({ taken: tag.taken, places: tag.places ?? 0 }) : shown(tag.client);
          return (
            <tr key={tag.id}>
              <td>{say.fromTo({ from: clock(tag.start, zone), to: endClock(tag.start, tag.end, zone) })}</td>
              <th scope="row">
                {onChoose === undefined ? (
                  who
                ) : (
                  <button type="button" className="table-open" data-row={tag.id} onClick={() => onChoose(tag.id)}>
                    {who}
                  </button>
                )}
              </th>
              <td>{tag.service}</td>
              <td>{besides(tag, now, board.business.currency).join(', ')}</td>
            </tr>
          );
        })}
      </tbody>
    </table>
  );
}

/** What its glyphs say, in words. */
const besides = (tag: Schemas['Tag'], now: string, currency: string): string[] =>
  [
    standingOf(tag, now)?.word ?? '',
    tag.first ? say.firstVisit : '',
    tag.noted ? say.hasNote : '',
    tag.double ? say.overOthers : '',
    tag.visit === null ? '' : say.partOfVisit,
    tag.money === 'due' || tag.money === 'part' ? `${say.due} ${money(tag.price, currency)}` : '',
  ].filter((word) => word !== '');

import type { Schemas } from '../lib/api';
import { clock, dateIn, moment, money } from '../lib/format';

type Props = { board: Schemas['Board']; now: string; onChoose: (id: string) => void };

const SHOWN = 4;

/** Beside the lanes while nothing is opened: who comes next, and who still has to pay. */
export function ComingUp({ board, now, onChoose }: Props) {
  const zone = board.business.timeZone;
  const booked = board.tags.filter((tag) => tag.state !== 'held');
  const next = board.date === board.today ? booked.filter((tag) => tag.end > now) : booked;
  const due = booked.filter((tag) => tag.money === 'due');
  return (
    <section className="grid gap-4" aria-label="Coming up">
      {board.requests.length > 0 && (
        <div>
          <h2 className="mb-2 text-xl">Wait for a yes</h2>
          <ul className="grid gap-1.5">
            {board.requests.map((one) => (
              <li key={one.id}>
                <button type="button" className="coming-row coming-waits" onClick={() => onChoose(one.id)}>
                  <span className="min-w-0">
                    <b>{one.client}</b>
                    <span className="block truncate text-sm text-soft">
                      {one.service}, {moment(one.start, zone)}
                    </span>
                  </span>
                </button>
              </li>
            ))}
          </ul>
        </div>
      )}
      <div>
        <h2 className="mb-2 text-xl">{board.date === board.today ? 'Now and next' : 'First of the day'}</h2>
        {next.length === 0 && (
          <p className="text-soft">Nobody {board.date === board.today ? 'more ' : ''}comes on this day.</p>
        )}
        <ul className="grid gap-1.5">
          {next.slice(0, SHOWN).map((tag) => (
            <Row
              key={tag.id}
              tag={tag}
              onChoose={onChoose}
              lead={dateIn(tag.start, zone) === board.date ? clock(tag.start, zone) : `till ${clock(tag.end, zone)}`}
              trail={tag.service}
            />
          ))}
        </ul>
      </div>
      {due.length > 0 && (
        <div>
          <h2 className="mb-2 text-xl">Still to be paid</h2>
          <ul className="grid gap-1.5">
            {due.slice(0, 3).map((tag) => (
              <Row
                key={tag.id}
                tag={tag}
                onChoose={onChoose}
                lead={money(tag.price, board.business.currency)}
                trail={`${tag.service}, ${clock(tag.start, zone)}`}
              />
            ))}
          </ul>
        </div>
      )}
    </section>
  );
}

function Row({
  tag,
  lead,
  trail,
  onChoose,
}: {
  tag: Schemas['Tag'];
  lead: string;
  trail: string;
  onChoose: (id: string) => void;
}) {
  return (
    <li>
      <button type="button" className="coming-row" onClick={() => onChoose(tag.id)}>
        <b className="min-w-12">{lead}</b>
        <span className="min-w-0">
          {tag.places === null ? tag.client : `${tag.taken} of ${tag.places} places`}
          <span className="block truncate text-sm text-soft">{trail}</span>
        </span>
      </button>
    </li>
  );
}

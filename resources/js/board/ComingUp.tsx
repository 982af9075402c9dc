import type { Schemas } from '../lib/api';
import { clock, dateIn, moment, money } from '../lib/format';
import { useNames } from '../ui/useNames';
import { Wrong } from '../ui/Wrong';
import { CancelledDay } from './CancelledDay';
import { Reminders } from './Reminders';
import * as say from '@words/board';
import './ComingUp.css';

type Props = { board: Schemas['Board']; now: string; onChoose: (id: string) => void };

const SHOWN = 4;

/** Beside the lanes while nothing is opened: who comes next, and who still has to pay. */
export function ComingUp({ board, now, onChoose }: Props) {
  const { shown } = useNames();
  const zone = board.business.timeZone;
  const booked = board.tags.filter((tag) => tag.state !== 'held');
  const next = board.date === board.today ? booked.filter((tag) => tag.end > now) : booked;
  const due = booked.filter((tag) => tag.money === 'due');
  return (
    <section className="grid gap-4" aria-label={say.comingUp}>
      {board.requests.length > 0 && (
        <div>
          <h2 className="mb-2 text-xl">{say.waitForYes}</h2>
          <ul className="grid gap-1.5">
            {board.requests.map((one) => (
              <li key={one.id}>
                <button type="button" className="coming-row coming-waits" onClick={() => onChoose(one.id)}>
                  <span className="min-w-0">
                    <b>{shown(one.client)}</b>
                    <span className="block truncate text-sm text-soft">
                      {say.serviceAt({ service: one.service, at: moment(one.start, zone) })}
                    </span>
                    {one.answerBy > now ? (
                      <span className="block text-sm">{say.answerBy({ at: moment(one.answerBy, zone) })}</span>
                    ) : (
                      <Wrong className="block text-sm">{say.answerWasBy({ at: moment(one.answerBy, zone) })}</Wrong>
                    )}
                  </span>
                </button>
              </li>
            ))}
          </ul>
        </div>
      )}
      <div>
        <h2 className="mb-2 text-xl">{board.date === board.today ? say.nowAndNext : say.firstDay}</h2>
        {next.length === 0 && (
          <p className="text-soft">{board.date === board.today ? say.nobodyMore : say.nobodyComes}</p>
        )}
        <ul className="grid gap-1.5">
          {next.slice(0, SHOWN).map((tag) => (
            <Row
              key={tag.id}
              tag={tag}
              onChoose={onChoose}
              lead={
                dateIn(tag.start, zone) === board.date
                  ? clock(tag.start, zone)
                  : say.till({ end: clock(tag.end, zone) })
              }
              trail={tag.service}
            />
          ))}
        </ul>
      </div>
      <Reminders board={board} now={now} />
      {due.length > 0 && (
        <div>
          <h2 className="mb-2 text-xl">{say.stillToBePaid}</h2>
          <ul className="grid gap-1.5">
            {due.slice(0, 3).map((tag) => (
              <Row
                key={tag.id}
                tag={tag}
                onChoose={onChoose}
                lead={money(tag.price, board.business.currency)}
                trail={say.serviceAt({ service: tag.service, at: clock(tag.start, zone) })}
              />
            ))}
          </ul>
        </div>
      )}
      <CancelledDay board={board} onChoose={onChoose} />
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
  const { shown } = useNames();
  return (
    <li>
      <button type="button" className="coming-row" onClick={() => onChoose(tag.id)}>
        <b className="min-w-12">{lead}</b>
        <span className="min-w-0">
          {tag.places === null
            ? tag.client !== null && shown(tag.client)
            : say.places({ taken: tag.taken, places: tag.places })}
          <span className="block truncate text-sm text-soft">{trail}</span>
        </span>
      </button>
    </li>
  );
}

import { useQuery } from '@tanstack/react-query';
import type { Schemas } from '../lib/api';
import { clock, endClock, shortDuration } from '../lib/format';
import { card as cardQuery } from '../lib/queries';
import { Button } from '../ui/Button';
import { Notice } from '../ui/Notice';
import { Notes } from './Notes';
import { useNames } from '../ui/useNames';
import type { Presses } from './usePresses';
import * as say from '@words/board';

type Props = { board: Schemas['Board']; tag: Schemas['Tag']; isNext: boolean; presses: Presses };

/** The visit one is at, or goes to: who, where, what they said, and one press for what comes next. */
export function MyVisit({ board, tag, isNext, presses }: Props) {
  const { slug: business, timeZone: zone } = board.business;
  const { shown, hidden } = useNames();
  const { data: card } = useQuery(cardQuery(business, tag.id));
  return (
    <article className="my-visit" aria-label={isNext ? say.nextVisit : say.visit}>
      <p className="text-soft">
        {isNext ? say.nextVisit : say.visit} ·{' '}
        {say.fromTo({ from: clock(tag.start, zone), to: endClock(tag.start, tag.end, zone) })}
      </p>
      <h2 className="text-2xl">{tag.client === null ? tag.service : shown(tag.client)}</h2>
      <p>
        {tag.service}
        {tag.first && <b> · {say.firstVisit}</b>}
      </p>
      {card !== undefined && (
        <>
          <Where card={card} />
          {card.serviceNote !== '' && <Notice>{card.serviceNote}</Notice>}
          {!hidden && card.client !== null && card.client.phone !== '' && (
            <a href={`tel:${card.client.phone}`}>{card.client.phone}</a>
          )}
          {!hidden && card.note !== '' && <Notice>{card.note}</Notice>}
          {!hidden && card.answers.length > 0 && (
            <dl className="text-sm">
              {card.answers.map((one) => (
                <div key={one.question}>
                  <dt className="text-soft">{one.question}</dt>
                  <dd>{one.answer}</dd>
                </div>
              ))}
            </dl>
          )}
          <Took card={card} zone={zone} />
          <p className="grid gap-2" role="group" aria-label={say.course}>
            {card.steps.map((step, i) => (
              <Button
                key={step}
                id={`press-${step}`}
                className="min-h-14 text-lg"
                kind={i === 0 ? 'next' : 'plain'}
                disabled={presses.busy}
                onClick={() => void presses.press(tag.id, step, false)}
              >
                {say.steps[step]}
              </Button>
            ))}
            {card.undoes !== null && card.undoes !== 'no_show' && (
              <Button
                id="press-undo"
                disabled={presses.busy}
                onClick={() => void presses.press(tag.id, undoable(card.state), true)}
              >
                {say.undoLast}
              </Button>
            )}
          </p>
          {!hidden && <Notes business={business} card={card} zone={zone} />}
        </>
      )}
    </article>
  );
}

/** The place with a link that opens whatever shows maps on this phone; online, the way into the meeting. */
export function Where({ card }: { card: Schemas['Card'] }) {
  return (
    <p>
      {card.location}
      {card.address !== '' && (
        <a className="block" href={`geo:0,0?q=${encodeURIComponent(card.address)}`}>
          {card.address}
        </a>
      )}
      {card.meetingLink !== '' && (
        <a className="block" href={card.meetingLink}>
          {say.openMeeting}
        </a>
      )}
    </p>
  );
}

/** When it began and ended, and how that compares with the plan. */
function Took({ card, zone }: { card: Schemas['Card']; zone: string }) {
  const { from, until, over } = card.course;
  if (from === null) {
    return null;
  }
  return (
    <p className="text-sm">
      {until === null
        ? say.beganAt({ at: clock(from, zone) })
        : say.fromTo({ from: clock(from, zone), to: clock(until, zone) })}
      {over !== null && over !== 0 && (
        <> · {(over > 0 ? say.longerBy : say.shorterBy)({ time: shortDuration(Math.abs(over)) })}</>
      )}
    </p>
  );
}

/** The step that is taken back. */
const undoable = (state: string): Schemas['VisitProgress']['state'] =>
  state === 'arrived' || state === 'started' ? state : 'completed';

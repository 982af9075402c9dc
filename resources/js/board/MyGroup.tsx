import { useQuery } from '@tanstack/react-query';
import type { Schemas } from '../lib/api';
import { clock, endClock } from '../lib/format';
import { card as cardQuery } from '../lib/queries';
import { wordOf } from '../language/wordOf';
import { Button } from '../ui/Button';
import { Notice } from '../ui/Notice';
import { useNames } from '../ui/useNames';
import { Where } from './MyVisit';
import type { Presses } from './usePresses';
import * as say from '@words/board';

type Props = { board: Schemas['Board']; tag: Schemas['Tag']; isNext: boolean; presses: Presses };
type Person = Schemas['TagPerson'];

/** A session, or what several share: who comes, here one by one; it begins and ends for those who are. */
export function MyGroup({ board, tag, isNext, presses }: Props) {
  const { slug: business, timeZone: zone } = board.business;
  const [any] = tag.people;
  const { data: card } = useQuery({ ...cardQuery(business, any?.booking ?? ''), enabled: any !== undefined });
  const coming = tag.people.filter(({ state }) => state !== 'held' && state !== 'pending');
  const inState = (state: string) => coming.filter((one) => one.state === state).map((one) => one.booking);
  const [here, begun] = [inState('arrived'), inState('started')];
  return (
    <article className="my-visit" aria-label={isNext ? say.nextVisit : say.visit}>
      <p className="text-soft">
        {isNext ? say.nextVisit : say.visit} ·{' '}
        {say.fromTo({ from: clock(tag.start, zone), to: endClock(tag.start, tag.end, zone) })}
      </p>
      <h2 className="text-2xl">{tag.service}</h2>
      <p>{say.places({ taken: tag.taken, places: tag.places ?? 0 })}</p>
      {card === undefined ? <p>{tag.location}</p> : <Where card={card} />}
      {card !== undefined && card.serviceNote !== '' && <Notice>{card.serviceNote}</Notice>}
      {coming.length === 0 ? (
        <p className="text-soft">{say.nobodyHasBookedPlace}</p>
      ) : (
        <ul className="grid gap-1.5" aria-label={say.whoComes}>
          {coming.map((person) => (
            <Comes key={person.booking} person={person} presses={presses} />
          ))}
        </ul>
      )}
      <p className="grid gap-2" role="group" aria-label={say.course}>
        {here.length > 0 && (
          <Button
            id="group-start"
            className="min-h-14 text-lg"
            kind="next"
            disabled={presses.busy}
            onClick={() => void presses.pressAll(here, 'started')}
          >
            {say.startGroup({ count: here.length })}
          </Button>
        )}
        {begun.length > 0 && (
          <Button
            id="group-finish"
            className="min-h-14 text-lg"
            kind={here.length > 0 ? 'plain' : 'next'}
            disabled={presses.busy}
            onClick={() => void presses.pressAll(begun, 'completed')}
          >
            {say.finishGroup({ count: begun.length })}
          </Button>
        )}
      </p>
    </article>
  );
}

/** One of them: a press says that they are here, another takes it back. */
function Comes({ person, presses }: { person: Person; presses: Presses }) {
  const { shown } = useNames();
  const isHere = person.state === 'arrived';
  const waits = person.state === 'confirmed';
  return (
    <li className="my-row">
      <span className="min-w-0 flex-1 truncate">
        <b>{person.client === null ? say.beingBookedWord : shown(person.client)}</b>
        {person.party > 1 && <span className="text-sm text-soft"> {say.people({ party: person.party })}</span>}
      </span>
      {waits || isHere ? (
        <Button
          aria-pressed={isHere}
          data-here={person.booking}
          disabled={presses.busy}
          onClick={() => void presses.press(person.booking, 'arrived', isHere)}
        >
          {isHere ? say.isHere : say.markHere}
        </Button>
      ) : (
        <span className="text-sm text-soft">{wordOf(say.states, person.state)}</span>
      )}
    </li>
  );
}

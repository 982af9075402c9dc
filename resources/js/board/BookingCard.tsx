import { useQuery, useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { Check } from '../ui/Check';
import { inputLook } from '../ui/inputLook';
import { Wrong } from '../ui/Wrong';
import { Notice, noticeLook } from '../ui/Notice';
import { Button } from '../ui/Button';
import { api, refusalOf, unwrap, type Schemas } from '../lib/api';
import { clock, day, moment } from '../lib/format';
import { Mark } from '../ui/Mark';
import { card as cardQuery } from '../lib/queries';
import { Course } from './Course';
import { Money } from './Money';
import { Move } from './Move';
import { useNames } from './useNames';
import { SideCard } from './SideCard';
import * as say from '@words/board';
import { wordOf } from '../language/wordOf';
import { rich } from '../language/rich';

type Props = { business: string; id: string; zone: string; onClose: () => void };

/** Everything about one booking: who, what, money, messages sent and waiting, what happened. */
export function BookingCard({ business, id, zone, onClose }: Props) {
  const { hidden, toggle, shown } = useNames();
  const { data, error } = useQuery({ ...cardQuery(business, id), refetchInterval: 5_000 });
  if (error !== null) {
    return (
      <Notice tone="trouble" role="alert">
        {error.message}
      </Notice>
    );
  }
  if (data === undefined) {
    return <p role="status">{say.fetchingBooking}</p>;
  }
  return (
    <SideCard
      label={say.booking}
      title={data.client === null ? say.beingBooked : shown(data.client.name)}
      onClose={onClose}
    >
      <p>
        <span className="word" data-state={data.state}>
          {wordOf(say.states, data.state)}
        </span>{' '}
        {data.service}
        <br />
        {say.dayFromTo({ day: day(data.start, zone), from: clock(data.start, zone), to: clock(data.end, zone) })}
        <br />
        {data.location}
      </p>
      <Course business={business} card={data} />
      {data.staff.map((member) => (
        <p key={member.id} className="flex items-center gap-2">
          <Mark of={member} /> {member.name}
        </p>
      ))}
      {hidden ? (
        <Notice as="div" className="grid justify-items-start gap-2">
          {say.namesAreHidden}
          <Button id="show-names" small onClick={toggle}>
            {say.showNames}
          </Button>
        </Notice>
      ) : (
        <About business={business} card={data} zone={zone} />
      )}
      {data.mayAnswer && <Decide business={business} id={id} />}
      {data.mayMove && <Move business={business} card={data} zone={zone} />}
      {data.mayCancel && <Cancel business={business} id={id} later={data.laterOnes} />}
      {!hidden && <Past card={data} zone={zone} />}
    </SideCard>
  );
}

type PartProps = { business: string; card: Schemas['Card']; zone: string };

/** Who comes, what they said, what it costs and what they were told. */
function About({ business, card, zone }: PartProps) {
  return (
    <>
      {card.client !== null && (
        <p className="break-words text-soft">
          {card.client.email}
          {card.client.phone !== '' && <span className="block">{card.client.phone}</span>}
        </p>
      )}
      {card.answers.length > 0 && (
        <dl className="text-sm">
          {card.answers.map((one) => (
            <div key={one.question}>
              <dt className="text-soft">{one.question}</dt>
              <dd>
                {one.file === undefined ? (
                  one.answer
                ) : (
                  <a href={`/api/businesses/${business}/bookings/${card.id}/files/${one.file}`}>{one.answer}</a>
                )}
              </dd>
            </div>
          ))}
        </dl>
      )}
      {(card.double || card.outside.length > 0) && (
        <div className="text-sm text-clay">
          <b>{card.double ? say.overOthers : say.outsideTheRules}</b>
          {card.outside.map((says) => (
            <span key={says} className="block">
              {says}
            </span>
          ))}
        </div>
      )}
      {card.note !== '' && <Notice>{card.note}</Notice>}
      <Money business={business} zone={zone} card={card} />
      <Messages card={card} zone={zone} />
    </>
  );
}

function Past({ card, zone }: Omit<PartProps, 'business'>) {
  return (
    <details>
      <summary className="font-semibold">{say.whatHappened}</summary>
      <ol className="mt-1 grid gap-1 text-sm">
        {card.history.map((change) => (
          <li key={`${change.at} ${change.state}`}>
            {(change.why === '' ? say.changed : say.changedWhy)({
              at: moment(change.at, zone),
              state: wordOf(say.states, change.state),
              by: change.by,
              why: change.why,
            })}
          </li>
        ))}
      </ol>
    </details>
  );
}

function Messages({ card, zone }: { card: Schemas['Card']; zone: string }) {
  return (
    <div>
      <h3 className="text-lg">{say.messages}</h3>
      {card.messages.length === 0 && <p className="text-sm text-soft">{say.none}</p>}
      <ul className="grid gap-1 text-sm">
        {card.messages.map((message) => (
          <li key={message.id}>
            {rich(say.messageLine, {
              state: (
                <span className="word" data-state={say.messageStates[message.state]}>
                  {say.messageStates[message.state]}
                </span>
              ),
              what: wordOf(say.occasions, message.occasion),
              whom: wordOf(say.audiences, message.audience),
              at: moment(message.at, zone),
            })}
            {message.error !== '' && <Wrong className="block">{message.error}</Wrong>}
          </li>
        ))}
      </ul>
    </div>
  );
}

/** Yes or no to a booking that waits for it. */
function Decide({ business, id }: { business: string; id: string }) {
  const queries = useQueryClient();
  const [why, setWhy] = useState('');
  const [trouble, setTrouble] = useState<string | null>(null);
  const answer = async (accept: boolean) => {
    try {
      const sending = api.POST('/api/businesses/{business}/bookings/{id}/answer', {
        params: { path: { business, id } },
        body: { accept, why },
      });
      queries.setQueryData(cardQuery(business, id).queryKey, await unwrap(sending));
      await queries.invalidateQueries({ queryKey: ['board', business] });
    } catch (wrong) {
      setTrouble(refusalOf(wrong).message);
    }
  };
  return (
    <Notice as="div" className="grid gap-2">
      <label htmlFor="answer-why" className="font-semibold">
        {say.waitsForAnswer}
      </label>
      <input
        id="answer-why"
        className={inputLook()}
        maxLength={300}
        value={why}
        onChange={(event) => setWhy(event.target.value)}
      />
      {trouble !== null && (
        <Wrong as="p" role="alert">
          {trouble}
        </Wrong>
      )}
      <p className="flex flex-wrap gap-2">
        <Button id="accept" kind="next" small onClick={() => void answer(true)}>
          {say.yesBook}
        </Button>
        <Button id="decline" small onClick={() => void answer(false)}>
          {say.decline}
        </Button>
      </p>
    </Notice>
  );
}

function Cancel({ business, id, later }: { business: string; id: string; later: number }) {
  const queries = useQueryClient();
  const [asking, setAsking] = useState(false);
  const [all, setAll] = useState(false);
  const [why, setWhy] = useState('');
  const [trouble, setTrouble] = useState<string | null>(null);
  const cancel = async () => {
    try {
      const sending = api.POST('/api/businesses/{business}/bookings/{id}/cancel', {
        params: { path: { business, id } },
        body: { why, later: all },
      });
      queries.setQueryData(cardQuery(business, id).queryKey, await unwrap(sending));
      await queries.invalidateQueries({ queryKey: ['board', business] });
    } catch (wrong) {
      setTrouble(refusalOf(wrong).message);
    }
  };
  if (!asking) {
    return (
      <Button id="cancel-booking" small className="justify-self-start" onClick={() => setAsking(true)}>
        {say.cancelThisBooking}
      </Button>
    );
  }
  return (
    <form
      className={`${noticeLook('trouble')} grid gap-2`}
      onSubmit={(event) => {
        event.preventDefault();
        void cancel();
      }}
    >
      <label htmlFor="why" className="font-semibold">
        {say.wordToClientIf}
      </label>
      <input
        id="why"
        className={inputLook()}
        maxLength={300}
        value={why}
        onChange={(event) => setWhy(event.target.value)}
      />
      {later > 0 && (
        <Check id="cancel-later" checked={all} onChange={setAll}>
          {say.cancelLater({ count: later })}
        </Check>
      )}
      {trouble !== null && <Wrong as="p">{trouble}</Wrong>}
      <p className="flex flex-wrap gap-2">
        <Button type="submit" id="really-cancel" kind="trouble" small>
          {say.cancelAndTellThem}
        </Button>
        <Button small onClick={() => setAsking(false)}>
          {say.leave}
        </Button>
      </p>
    </form>
  );
}

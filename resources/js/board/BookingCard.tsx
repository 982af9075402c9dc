import { useQuery } from '@tanstack/react-query';
import { Wrong } from '../ui/Wrong';
import { Notice } from '../ui/Notice';
import { Button } from '../ui/Button';
import type { Schemas } from '../lib/api';
import { clock, day, moment } from '../lib/format';
import { Badge } from '../ui/Badge';
import { card as cardQuery } from '../lib/queries';
import { BookAgain } from './BookAgain';
import { Cancel } from './Cancel';
import { Course } from './Course';
import { Decide } from './Decide';
import { Money } from './Money';
import { Move } from './Move';
import { Notes } from './Notes';
import { useSetup } from '../setup/useSetup';
import { useNames } from '../ui/useNames';
import { Restore } from './Restore';
import { SideCard } from './SideCard';
import { VisitParts } from './VisitParts';
import { Visits } from './Visits';
import { VoidLinks } from './VoidLinks';
import { Word } from './Word';
import * as say from '@words/board';
import { wordOf } from '../language/wordOf';
import { rich } from '../language/rich';

type Props = {
  business: string;
  id: string;
  zone: string;
  /** Begins the same booking so many weeks later; left out where nobody may. */
  onAgain: ((card: Schemas['Card'], weeks: number) => void) | undefined;
  onClose: () => void;
};

/** Everything about one booking: who, what, money, messages sent and waiting, what happened. */
export function BookingCard({ business, id, zone, onAgain, onClose }: Props) {
  const { hidden, toggle, shown } = useNames();
  const { may } = useSetup();
  const books = may('change-bookings');
  const { data, error } = useQuery({ ...cardQuery(business, id), refetchInterval: 5_000 });
  if (error !== null && data === undefined) {
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
      {data.staff.map((member) => (
        <p key={member.id} className="flex items-center gap-2">
          <Badge of={member} /> {member.name}
        </p>
      ))}
      <Course business={business} card={data} />
      {!hidden && <Money business={business} zone={zone} card={data} />}
      {books && data.answerBy !== null && (
        <Decide business={business} card={data} zone={zone} answerBy={data.answerBy} suggested={data.suggested} />
      )}
      <div className="flex flex-wrap gap-2 [&>:is(form,section,div)]:w-full">
        {books && data.mayMove && <Move business={business} card={data} zone={zone} />}
        {books && data.mayCancel && <Cancel business={business} card={data} zone={zone} />}
        {books && (data.mayRestore || data.undoes === 'no_show') && <Restore business={business} card={data} />}
        {onAgain !== undefined && data.clientId !== null && <BookAgain card={data} onAgain={onAgain} />}
      </div>
      {data.serviceNote !== '' && <Notice id="service-note">{data.serviceNote}</Notice>}
      <VisitParts card={data} title={say.oneVisit} parts={data.visit} zone={zone} />
      <VisitParts card={data} title={say.itsRepeat} parts={data.repeat} zone={zone} />
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
      {!hidden && data.client !== null && data.client.email !== '' && <Word business={business} id={id} />}
      {!hidden && data.client !== null && data.client.email !== '' && <VoidLinks business={business} id={id} />}
      {!hidden && <Visits business={business} card={data} zone={zone} />}
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
      {card.consent !== null && (
        <details className="text-sm">
          <summary>{say.agreedAt({ at: moment(card.consent.at, zone) })}</summary>
          <p className="whitespace-pre-line text-soft">{card.consent.text}</p>
        </details>
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
      <Notes business={business} card={card} zone={zone} />
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

import type { Presses } from '../board/usePresses';
import { wordOf } from '../language/wordOf';
import type { Schemas } from '../lib/api';
import { money } from '../lib/format';
import { useSetup } from '../setup/useSetup';
import { Button } from '../ui/Button';
import { useNames } from '../ui/useNames';
import * as say from '@words/sessions';

type Person = Schemas['SessionPerson'];
type Props = {
  session: Schemas['Session'];
  chosen: string | null;
  onChoose: (booking: string) => void;
  presses: Presses;
};

/** Who comes: one press says that somebody is here, another opens all about them without leaving the list. */
export function People({ session, chosen, onChoose, presses }: Props) {
  const { may } = useSetup();
  const { people, currency } = session;
  const waiting = people.filter((one) => one.mayArrive);
  const marks = may('mark-visits') && session.state === 'scheduled';
  return (
    <section className="grid gap-2" aria-labelledby="session-people">
      <h2 id="session-people" className="text-xl">
        {say.whoComes}
      </h2>
      {session.due > 0 && <p>{say.dueTogether({ amount: money(session.due, currency) })}</p>}
      {people.length === 0 ? (
        <p className="text-soft">{say.nobodyYet}</p>
      ) : (
        <ul className="session-people">
          {people.map((person) => (
            <li key={person.booking} data-state={person.state}>
              <Who person={person} currency={currency} />
              <span className="flex gap-1.5 print:hidden">
                {marks && <Mark person={person} presses={presses} />}
                <Button
                  small
                  aria-pressed={chosen === person.booking}
                  data-open={person.booking}
                  onClick={() => onChoose(person.booking)}
                >
                  {say.open}
                </Button>
              </span>
            </li>
          ))}
        </ul>
      )}
      {marks && waiting.length > 1 && (
        <Button
          id="all-here"
          className="justify-self-start print:hidden"
          disabled={presses.busy}
          onClick={() =>
            void presses.pressAll(
              waiting.map((one) => one.booking),
              'arrived',
            )
          }
        >
          {say.allHere}
        </Button>
      )}
    </section>
  );
}

function Who({ person, currency }: { person: Person; currency: string }) {
  const { shown, hidden } = useNames();
  const { client } = person;
  return (
    <span className="grid min-w-0 flex-1">
      <span className="flex flex-wrap items-baseline gap-x-3">
        <b>{client === null ? say.beingBooked : shown(client.name)}</b>
        {person.party > 1 && <span>{say.people({ party: person.party })}</span>}
        {person.first && <span className="word">{say.firstVisit}</span>}
        <span className="text-sm text-soft">{wordOf(say.states, person.state)}</span>
        {person.due > 0 && (
          <span className="word" data-money="due">
            {say.due({ amount: money(person.due, currency) })}
          </span>
        )}
        {person.due === 0 && person.paid > 0 && (
          <span className="text-sm text-soft">{say.paid({ amount: money(person.paid, currency) })}</span>
        )}
      </span>
      {!hidden && client !== null && (
        <span className="text-sm text-soft">
          {[client.phone, client.email].filter((one) => one !== '').join(' · ')}
        </span>
      )}
      {!hidden && (person.note !== '' || person.notes.length > 0) && (
        <span className="text-sm">{[person.note, ...person.notes].filter((one) => one !== '').join(' · ')}</span>
      )}
      {!hidden &&
        person.answers.map((one) => (
          <span key={one.question} className="text-sm">
            {one.question} <b>{one.answer}</b>
          </span>
        ))}
    </span>
  );
}

function Mark({ person, presses }: { person: Person; presses: Presses }) {
  const isHere = person.state === 'arrived';
  return person.mayArrive || isHere ? (
    <Button
      small
      kind={isHere ? 'plain' : 'next'}
      aria-pressed={isHere}
      data-here={person.booking}
      disabled={presses.busy}
      onClick={() => void presses.press(person.booking, 'arrived', isHere)}
    >
      {isHere ? say.isHere : say.here}
    </Button>
  ) : null;
}

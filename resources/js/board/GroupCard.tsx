import { Link } from 'react-router';
import type { Schemas } from '../lib/api';
import { clock, day } from '../lib/format';
import { Button } from '../ui/Button';
import { Badge } from '../ui/Badge';
import { useSetup } from '../setup/useSetup';
import { SideCard } from './SideCard';
import { useNames } from '../ui/useNames';
import * as say from '@words/board';

type Props = {
  board: Schemas['Board'];
  tag: Schemas['Tag'];
  onChoose: (booking: string) => void;
  /** Books a place in it; left out where nobody may. */
  onJoin: ((tag: Schemas['Tag']) => void) | undefined;
  onClose: () => void;
};

/** Who comes to a session or a shared appointment, and what is left of it. */
export function GroupCard({ board, tag, onChoose, onJoin, onClose }: Props) {
  const { shown } = useNames();
  const { data } = useSetup();
  const zone = board.business.timeZone;
  const left = (tag.places ?? 0) - tag.taken;
  return (
    <SideCard label={say.group} title={tag.service} onClose={onClose}>
      <p>
        {say.dayFromTo({ day: day(tag.start, zone), from: clock(tag.start, zone), to: clock(tag.end, zone) })}
        <br />
        <b>{say.places({ taken: tag.taken, places: tag.places ?? 0 })}</b>, {left <= 0 ? say.full : say.left({ left })}
      </p>
      {(data?.staff ?? [])
        .filter(({ id }) => tag.staff.includes(id))
        .map((member) => (
          <p key={member.id} className="flex items-center gap-2">
            <Badge of={member} /> {member.name}
          </p>
        ))}
      {tag.session !== null && (
        <Link className="font-semibold" to={`/at/${board.business.slug}/sessions/${tag.session}`}>
          {say.allAboutIt}
        </Link>
      )}
      {left > 0 && onJoin !== undefined && (
        <Button id="join-group" kind="next" small className="justify-self-start" onClick={() => onJoin(tag)}>
          {say.addSomebody}
        </Button>
      )}
      {tag.people.length === 0 ? (
        <p className="text-soft">{say.nobodyHasBookedPlace}</p>
      ) : (
        <ul className="grid gap-1.5" aria-label={say.whoComes}>
          {tag.people.map((person) => (
            <li key={person.booking}>
              <button
                type="button"
                className={[
                  'flex w-full items-baseline gap-2 rounded-lg border border-line',
                  'bg-paper px-3 py-1.5 text-start hover:border-[var(--brass)]',
                ].join(' ')}
                onClick={() => onChoose(person.booking)}
              >
                <b className="min-w-0 flex-1 truncate">
                  {person.client === null ? say.beingBookedWord : shown(person.client)}
                </b>
                {person.party > 1 && <span className="text-sm text-soft">{say.people({ party: person.party })}</span>}
                {person.money === 'due' && (
                  <span className="word" data-money="due">
                    {say.due}
                  </span>
                )}
              </button>
            </li>
          ))}
        </ul>
      )}
    </SideCard>
  );
}

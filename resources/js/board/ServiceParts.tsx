import { useState, type ReactNode } from 'react';
import { useSetup } from '../setup/useSetup';
import { ComboPart, matching } from '../ui/ComboPart';
import type { Wanted } from './useDesk';
import * as say from '@words/board';

type Props = {
  /** Its two fields' ids begin with it. */
  id: string;
  wanted: Wanted;
  wrong: Readonly<Record<string, string>>;
  /** Whether it is where one goes on. */
  begins?: boolean;
  onWanted: (wanted: Wanted) => void;
  /** What is said around the two. */
  says: (parts: { what: ReactNode; whom: ReactNode }) => ReactNode;
};

const ANYONE = 'anyone';

/** What they would like, and with whom. */
export function ServiceParts({ id, wanted, wrong, begins = false, onWanted, says }: Props) {
  const { data } = useSetup();
  const [service, setService] = useState('');
  const [person, setPerson] = useState('');
  const services = (data?.services ?? []).filter((one) => one.active);
  const chosen = services.find((one) => one.id === wanted.service);
  const people = (data?.staff ?? []).filter((one) => one.active && (chosen?.staff.includes(one.id) ?? true));
  // of somebody alone, whose lane was pressed, what they do
  const does = services.filter((one) => wanted.staff !== null && one.staff.includes(wanted.staff));
  const theirs = wanted.service === '' && does.length > 0 ? does : services;
  const choose = (next: string) => {
    const takers = services.find((one) => one.id === next)?.staff ?? [];
    onWanted({ service: next, staff: wanted.staff === null || takers.includes(wanted.staff) ? wanted.staff : null });
  };
  return says({
    what: (
      <ComboPart
        id={`${id}-service`}
        label={say.whichService}
        shown={chosen?.name ?? ''}
        options={matching(theirs, service)}
        begins={begins}
        wrong={wrong['service'] !== undefined}
        onTyped={setService}
        onChosen={choose}
      />
    ),
    whom: (
      <ComboPart
        id={`${id}-staff`}
        label={say.withWhom}
        shown={people.find((one) => one.id === wanted.staff)?.name ?? say.anyone}
        options={matching([{ id: ANYONE, name: say.anyone }, ...people], person)}
        size={11}
        wrong={wrong['staff'] !== undefined}
        onTyped={setPerson}
        onChosen={(next) => onWanted({ ...wanted, staff: next === ANYONE ? null : next })}
      />
    ),
  });
}

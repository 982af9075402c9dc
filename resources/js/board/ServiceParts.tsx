import { useState } from 'react';
import { useSetup } from '../setup/useSetup';
import { rich } from '../language/rich';
import { ComboPart, matching } from './ComboPart';
import type { Desk, DeskDraft } from './useDesk';
import * as say from '@words/board';

type Props = { desk: Desk; draft: DeskDraft };

const ANYONE = 'anyone';

/** What they would like, and with whom. */
export function ServiceParts({ desk, draft }: Props) {
  const { data } = useSetup();
  const [service, setService] = useState('');
  const [person, setPerson] = useState('');
  const services = (data?.services ?? []).filter((one) => one.active);
  const chosen = services.find((one) => one.id === draft.service);
  const people = (data?.staff ?? []).filter((one) => one.active && (chosen?.staff.includes(one.id) ?? true));
  const choose = (id: string) => {
    const next = services.find((one) => one.id === id);
    const keeps = draft.staff === null || next?.staff.includes(draft.staff) === true;
    desk.set({ service: id, minutes: null, staff: keeps ? draft.staff : null });
  };
  return rich(say.wouldLike, {
    what: (
      <ComboPart
        id="desk-service"
        label={say.whichService}
        shown={chosen?.name ?? ''}
        options={matching(services, service)}
        wrong={desk.wrong['service'] !== undefined}
        onTyped={setService}
        onChosen={choose}
      />
    ),
    whom: (
      <ComboPart
        id="desk-staff"
        label={say.withWhom}
        shown={people.find((one) => one.id === draft.staff)?.name ?? say.anyone}
        options={matching([{ id: ANYONE, name: say.anyone }, ...people], person)}
        size={11}
        wrong={desk.wrong['staff'] !== undefined}
        onTyped={setPerson}
        onChosen={(id) => desk.set({ staff: id === ANYONE ? null : id })}
      />
    ),
  });
}

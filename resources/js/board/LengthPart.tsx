import { shortDuration } from '../lib/format';
import { useSetup } from '../setup/useSetup';
import { inputLook } from '../ui/inputLook';
import type { Desk, DeskDraft } from './useDesk';
import * as say from '@words/board';

type Props = { desk: Desk; draft: DeskDraft };

/** How long it is to be, where the service comes in several lengths. */
export function LengthPart({ desk, draft }: Props) {
  const { data } = useSetup();
  const service = data?.services.find((one) => one.id === draft.service);
  if (service === undefined || service.ownLength || service.lengths.length < 2) {
    return null;
  }
  return (
    <select
      id="desk-minutes"
      className={inputLook('small')}
      aria-label={say.howLong}
      value={draft.minutes ?? service.minutes}
      onChange={(event) => desk.set({ minutes: Number(event.target.value) })}
    >
      {service.lengths.map((minutes) => (
        <option key={minutes} value={minutes}>
          {shortDuration(minutes)}
        </option>
      ))}
    </select>
  );
}

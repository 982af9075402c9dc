import { Columns } from '../ui/Columns';
import { RowEditor } from '../setup/RowEditor';
import { ThingRows } from '../setup/ThingRows';
import { useSetup } from '../setup/useSetup';
import { useThing } from '../setup/useThing';
import { ClockField } from '../ui/ClockField';
import { Field } from '../ui/Field';
import { timeOfDay } from '../lib/format';
import * as say from '@words/offer';

/** Named parts of the day that services can be limited to. */
export function Dayparts() {
  const { data } = useSetup();
  return (
    <ThingRows
      list="dayparts"
      title={say.partsDay}
      add={say.addPartDay}
      empty={say.noneYetGivePart}
      rows={(data?.dayparts ?? []).map((one) => ({ ...one, says: `${timeOfDay(one.from)}–${timeOfDay(one.to)}` }))}
      editor={(id, onDone) => <Daypart id={id} onDone={onDone} />}
    />
  );
}

function Daypart({ id, onDone }: { id: string | null; onDone: () => void }) {
  const editing = useThing('daypart', id, { name: '', from: '09:00', to: '12:00' });
  const { content, set, wrong } = editing;
  if (content === null) {
    return <p role="status">{say.fetchingPartDay}</p>;
  }
  return (
    <RowEditor editing={editing} name={content.name} isNew={id === null} onDone={onDone}>
      <Columns of={3}>
        <Field
          id="daypart-name"
          label={say.name}
          maxLength={120}
          wrong={wrong['name']}
          value={content.name}
          onValue={(name) => set({ name })}
        />
        <ClockField
          id="daypart-from"
          label={say.fromHour}
          wrong={wrong['from']}
          value={content.from}
          onValue={(from) => set({ from })}
        />
        <ClockField
          id="daypart-to"
          label={say.until}
          wrong={wrong['to']}
          value={content.to}
          onValue={(to) => set({ to })}
        />
      </Columns>
    </RowEditor>
  );
}

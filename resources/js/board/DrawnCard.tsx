import { useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import type { Schemas } from '../lib/api';
import { longDate } from '../lib/format';
import { drawnDrafts } from '../lib/queries';
import { Effects } from '../setup/Effects';
import { useStranded } from '../setup/Stranded';
import { useSave } from '../setup/useSave';
import { useSetup } from '../setup/useSetup';
import { Button } from '../ui/Button';
import { ClockField } from '../ui/ClockField';
import { Field } from '../ui/Field';
import { Badge } from '../ui/Badge';
import { Pick } from '../ui/Pick';
import { Select } from '../ui/Select';
import { useSettled } from '../ui/useSettled';
import { Wrong } from '../ui/Wrong';
import { SideCard } from './SideCard';
import { SmallNumber } from '../ui/SmallNumber';
import type { Drawn, Way } from './useDrawn';
import * as say from '@words/board';

type Props = { board: Schemas['Board']; drawn: Drawn; onDrawn: (drawn: Drawn) => void; onClose: () => void };

/** How long it goes on: on this date, on so many a week apart, or as the person's own hours. */
type Often = 'once' | 'weeks' | 'always';

/** ms somebody may go on typing before it is asked what that would do */
const WAIT = 200;

/** A stretch of a lane as time off, open or closed hours: what it would do is shown before it is saved. */
export function DrawnCard({ board, drawn, onDrawn, onClose }: Props) {
  const { business, data, may } = useSetup();
  const all = may('change-setup');
  const saving = useSave();
  const stranded = useStranded();
  const [way, setWay] = useState<Way>('off');
  const [often, setOften] = useState<Often>('once');
  const [count, setCount] = useState(8);
  const [name, setName] = useState('');
  const weeks = often === 'once' ? 1 : often === 'weeks' ? count : null;
  const said = { way, ...drawn, staff: [...drawn.staff], date: board.date, weeks, name };
  const asked = useSettled(said, WAIT);
  const isSettled = JSON.stringify(asked) === JSON.stringify(said); // what was said before is not what is saved
  const { data: found, error } = useQuery({ ...drawnDrafts(business, asked), enabled: asked.staff.length > 0 });
  if (data === undefined) {
    return null;
  }
  const drafts = asked.staff.length === 0 ? [] : (found?.drafts ?? []);
  const save = async () => {
    if ((await saving.save(drafts, say.drawnSaved)) !== null) {
      await stranded.carryOut();
      onClose();
    }
  };
  const wrong = Object.values(saving.refused?.fields ?? {})[0] ?? saving.refused?.message ?? error?.message;
  const whose = data.staff.filter((one) => one.active && (all || one.id === data.me.staff));
  return (
    <SideCard label={say.drawnTitle} title={longDate(board.date)} onClose={onClose}>
      <Select
        id="drawn-way"
        label={say.drawnTitle}
        value={way}
        options={[
          ['off', say.ways.off],
          ['open', say.ways.open],
          ['closed', say.ways.closed],
        ]}
        onValue={(next) => {
          setWay(next);
          setOften(next === 'off' && often === 'always' ? 'once' : often);
        }}
      />
      <div className="grid grid-cols-2 gap-3">
        <ClockField
          id="drawn-from"
          label={say.drawnFrom}
          wrong={undefined}
          value={drawn.from}
          onValue={(from) => onDrawn({ ...drawn, from })}
        />
        <ClockField
          id="drawn-to"
          label={say.drawnTo}
          wrong={undefined}
          value={drawn.to}
          onValue={(to) => onDrawn({ ...drawn, to })}
        />
      </div>
      <div className="max-h-36 overflow-y-auto" tabIndex={0} role="group" aria-label={say.drawnWho}>
        <Pick
          legend={say.drawnWho}
          from={whose.map((one) => ({ ...one, badge: <Badge of={one} /> }))}
          chosen={drawn.staff}
          onChosen={(staff) => onDrawn({ ...drawn, staff })}
          wrong={drawn.staff.length === 0 ? say.nobodyChosen : undefined}
        />
      </div>
      {whose.length > 1 && (
        <Button id="drawn-all" small onClick={() => onDrawn({ ...drawn, staff: whose.map(({ id }) => id) })}>
          {say.everybody}
        </Button>
      )}
      <Select
        id="drawn-often"
        label={say.howOften}
        value={often}
        options={[
          ['once', say.often.once],
          ['weeks', say.often.weeks],
          ...(way === 'off' ? [] : ([['always', say.often.always]] as const)),
        ]}
        onValue={setOften}
      />
      {often === 'weeks' && (
        <label className="flex items-center gap-2">
          {say.howManyWeeks}
          <SmallNumber id="drawn-weeks" min={1} max={52} value={count} onValue={setCount} />
        </label>
      )}
      {way === 'off' && (
        <Field id="drawn-name" label={say.drawnName} value={name} maxLength={120} wrong={undefined} onValue={setName} />
      )}
      {wrong !== undefined && (
        <Wrong as="p" role="alert">
          {wrong}
        </Wrong>
      )}
      <Button
        id="drawn-save"
        kind="next"
        disabled={saving.saving || !isSettled || drafts.length === 0}
        onClick={() => void save()}
      >
        {say.saveDrawn}
      </Button>
      {drafts.length > 0 && (
        <Effects business={business} zone={data.timeZone} drafts={drafts} stranded={stranded} from={board.date} />
      )}
    </SideCard>
  );
}

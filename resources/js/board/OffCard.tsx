import { useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import type { Schemas } from '../lib/api';
import { dateIn } from '../lib/format';
import { alike } from '../setup/timeOffs';
import { Effects } from '../setup/Effects';
import { useStranded } from '../setup/Stranded';
import { draftOf, wrongOf, year } from '../setup/things';
import { useSave } from '../setup/useSave';
import { useSetup } from '../setup/useSetup';
import { Button } from '../ui/Button';
import { Check } from '../ui/Check';
import { Field } from '../ui/Field';
import { MomentField } from '../ui/MomentField';
import { Wrong } from '../ui/Wrong';
import { clockIn } from './DeskSentence';
import { SideCard } from './SideCard';
import * as say from '@words/board';

type Props = { board: Schemas['Board']; staff: string; from: string; onClose: () => void };

/** Time off that was pressed on a lane: of one person, or of all who have the same, to change or to remove. */
export function OffCard({ board, staff, from, onClose }: Props) {
  const { slug: business, timeZone: zone } = board.business;
  const at = `${dateIn(from, zone)}T${clockIn(from, zone)}`;
  const { data } = useQuery(year(business, Number(at.slice(0, 4))));
  const rows = data?.timeOffs ?? [];
  const here = rows.filter(({ content }) => content.staff === staff && content.from <= at && content.to > at);
  return (
    <SideCard label={say.timeOff} title={say.timeOff} onClose={onClose}>
      {here.map((one) => (
        <Off key={one.id} board={board} one={one} all={alike(rows, one)} onDone={onClose} />
      ))}
    </SideCard>
  );
}

type Row = Schemas['TimeOffRow'];

function Off({
  board,
  one,
  all,
  onDone,
}: {
  board: Schemas['Board'];
  one: Row;
  all: readonly Row[];
  onDone: () => void;
}) {
  const { data: setup } = useSetup();
  const saving = useSave();
  const stranded = useStranded();
  const [content, setContent] = useState(one.content);
  const [forAll, setForAll] = useState(all.length > 1);
  const meant = forAll ? all : [one];
  const drafts = meant.map((row) => draftOf.timeOff(row.id, { ...content, staff: row.content.staff }, row.version));
  const isChanged = JSON.stringify(content) !== JSON.stringify(one.content);
  const wrong = wrongOf(saving.refused?.fields, 0);
  const name = (id: string) => setup?.staff.find((member) => member.id === id)?.name ?? '';
  const save = async () => {
    if ((await saving.save(drafts, say.offChanged({ count: meant.length }))) !== null) {
      await stranded.carryOut();
      onDone();
    }
  };
  const remove = async () => {
    const gone = meant.map((row) => draftOf.timeOff(row.id, null, row.version));
    if ((await saving.save(gone, say.offRemoved({ count: meant.length }))) !== null) {
      onDone();
    }
  };
  return (
    <div className="grid gap-3">
      <p className="text-sm">{meant.map((row) => name(row.content.staff)).join(', ')}</p>
      {all.length > 1 && (
        <Check id="off-all" checked={forAll} onChange={setForAll}>
          {say.offForAll({ count: all.length })}
        </Check>
      )}
      <MomentField
        id="off-from"
        label={say.drawnFrom}
        wrong={wrong['from']}
        value={content.from}
        onValue={(from) => setContent({ ...content, from })}
      />
      <MomentField
        id="off-to"
        label={say.drawnTo}
        wrong={wrong['to']}
        value={content.to}
        onValue={(to) => setContent({ ...content, to })}
      />
      <Field
        id="off-name"
        label={say.drawnName}
        maxLength={120}
        wrong={wrong['name']}
        value={content.name}
        onValue={(next) => setContent({ ...content, name: next })}
      />
      {saving.refused !== null && saving.refused.fields === undefined && (
        <Wrong as="p" role="alert">
          {saving.refused.message}
        </Wrong>
      )}
      <p className="flex flex-wrap gap-2">
        <Button id="off-save" kind="next" small disabled={saving.saving || !isChanged} onClick={() => void save()}>
          {say.saveDrawn}
        </Button>
        <Button id="off-remove" small disabled={saving.saving} onClick={() => void remove()}>
          {say.offRemove({ count: meant.length })}
        </Button>
      </p>
      {isChanged && setup !== undefined && (
        <Effects
          business={board.business.slug}
          zone={setup.timeZone}
          drafts={drafts}
          stranded={stranded}
          from={content.from.slice(0, 10)}
        />
      )}
    </div>
  );
}

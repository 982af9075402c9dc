import { Wrong } from '../ui/Wrong';
import { Columns } from '../ui/Columns';
import { Check } from '../ui/Check';
import { Fold } from '../ui/Fold';
import { mostADay } from '../setup/words';
import { NumberField } from '../ui/NumberField';
import { Select } from '../ui/Select';
import type { PartProps } from './service';
import * as say from '@words/offer';

const VISIBILITIES = [
  ['page', say.visibilities.page],
  ['link', say.visibilities.link],
  ['desk', say.visibilities.desk],
] as const;

/** Who sees it, and how often it may happen. */
export function ServiceRules({ content, set, wrong }: PartProps) {
  const seen = VISIBILITIES.find(([one]) => one === content.visibility)?.[1] ?? '';
  return (
    <Fold
      id="fold-rules"
      title={say.rules}
      says={[say.seenBy({ seen }), content.approval ? say.waitsForYes : '', mostADay(content.maxPerDay)]
        .filter((one) => one !== '')
        .join(', ')}
      wrong={wrong['maxPerDay'] !== undefined || wrong['approval'] !== undefined}
    >
      <Columns>
        <Select
          id="service-visibility"
          label={say.whoSees}
          value={content.visibility}
          options={VISIBILITIES}
          onValue={(visibility) => set({ visibility })}
        />
        <Check id="service-approval" checked={content.approval} onChange={(approval) => set({ approval })}>
          {say.bookingWaitsForYes}
        </Check>
        {wrong['approval'] !== undefined && (
          <Wrong as="p" role="alert">
            {wrong['approval']}
          </Wrong>
        )}
        <NumberField
          id="service-maxPerDay"
          label={say.mostDay}
          hint={say.nothingTypedAnyNumber}
          wrong={wrong['maxPerDay']}
          value={content.maxPerDay}
          empty={null}
          onValue={(maxPerDay) => set({ maxPerDay })}
        />
      </Columns>
    </Fold>
  );
}

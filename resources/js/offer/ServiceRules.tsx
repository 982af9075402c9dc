import { Check } from '../ui/Check';
import { Fold } from '../ui/Fold';
import { mostADay } from '../setup/words';
import { NumberField } from '../ui/NumberField';
import { Select } from '../ui/Select';
import type { PartProps } from './service';
import { VISIBILITIES } from '../words/prices';

/** Who sees it, and how often it may happen. */
export function ServiceRules({ content, set, wrong }: PartProps) {
  const seen = VISIBILITIES.find(([one]) => one === content.visibility)?.[1] ?? '';
  return (
    <Fold
      id="fold-rules"
      title="Rules"
      says={`seen by ${seen}, ${content.approval ? 'waits for your yes, ' : ''}${mostADay(content.maxPerDay)}`}
      wrong={wrong['maxPerDay'] !== undefined || wrong['approval'] !== undefined}
    >
      <div className="two">
        <Select
          id="service-visibility"
          label="Who sees it"
          value={content.visibility}
          options={VISIBILITIES}
          onValue={(visibility) => set({ visibility })}
        />
        <Check id="service-approval" checked={content.approval} onChange={(approval) => set({ approval })}>
          A booking waits for your yes
        </Check>
        {wrong['approval'] !== undefined && (
          <p className="wrong" role="alert">
            {wrong['approval']}
          </p>
        )}
        <NumberField
          id="service-maxPerDay"
          label="Most a day"
          hint="Nothing typed: any number"
          wrong={wrong['maxPerDay']}
          value={content.maxPerDay}
          empty={null}
          onValue={(maxPerDay) => set({ maxPerDay })}
        />
      </div>
    </Fold>
  );
}

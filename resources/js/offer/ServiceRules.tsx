import { Fold } from '../ui/Fold';
import { NumberField } from '../ui/NumberField';
import { Select } from '../ui/Select';
import type { PartProps } from './ServicePage';
import { VISIBILITIES } from './words';

/** Who sees it, and how often it may happen. */
export function ServiceRules({ content, set, wrong }: PartProps) {
  const seen = VISIBILITIES.find(([one]) => one === content.visibility)?.[1] ?? '';
  return (
    <Fold
      id="fold-rules"
      title="Rules"
      says={`seen by ${seen}, ${content.maxPerDay === null ? 'any number a day' : `at most ${content.maxPerDay} a day`}`}
      wrong={wrong['maxPerDay'] !== undefined}
    >
      <div className="two">
        <Select
          id="service-visibility"
          label="Who sees it"
          value={content.visibility}
          options={VISIBILITIES}
          onValue={(visibility) => set({ visibility })}
        />
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

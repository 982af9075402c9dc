import { useState } from 'react';
import { duration } from '../lib/format';
import { Field } from '../ui/Field';
import { Fold } from '../ui/Fold';
import { NumberField } from '../ui/NumberField';
import { pricesFor } from './PriceByLength';
import type { PartProps } from './ServicePage';

/** How long it takes, and the time around it. */
export function ServiceTime({ content, set, wrong }: PartProps) {
  const [listed, setListed] = useState(content.choices.length > 0); // a list stays one while it is typed anew
  const kind = content.range !== null ? 'range' : content.choices.length > 0 || listed ? 'choices' : 'fixed';
  const says = {
    fixed: duration(content.minutes),
    choices: `${content.choices.join(', ')} minutes`,
    range: `${content.range?.min ?? 0} to ${content.range?.max ?? 0} minutes`,
  }[kind];
  const buffers = content.setup + content.clearup === 0 ? '' : `, ${content.setup} before, ${content.clearup} after`;
  const lengths = (choices: number[], range: typeof content.range) =>
    set({ choices, range, pricing: pricesFor(content, choices, range) });
  const broken = ['minutes', 'choices', 'range', 'setup', 'clearup'].some((field) =>
    Object.keys(wrong).some((one) => one.startsWith(field)),
  );
  return (
    <Fold id="fold-time" title="How long" says={says + buffers} open wrong={broken}>
      <div className="flex flex-wrap gap-5" role="radiogroup" aria-label="Length">
        <label className="check">
          <input
            type="radio"
            name="length"
            checked={kind === 'fixed'}
            onChange={() => {
              setListed(false);
              lengths([], null);
            }}
          />
          <span>one length</span>
        </label>
        <label className="check">
          <input
            type="radio"
            name="length"
            id="length-choices"
            checked={kind === 'choices'}
            onChange={() => {
              setListed(true);
              lengths([content.minutes, content.minutes + 30], null);
            }}
          />
          <span>several to choose from</span>
        </label>
        <label className="check">
          <input
            type="radio"
            name="length"
            id="length-range"
            checked={kind === 'range'}
            onChange={() => {
              setListed(false);
              lengths([], { min: content.minutes, max: content.minutes * 3, step: content.minutes });
            }}
          />
          <span>the client’s own</span>
        </label>
      </div>
      {kind === 'fixed' && (
        <NumberField
          id="service-minutes"
          label="Minutes"
          wrong={wrong['minutes']}
          value={content.minutes}
          empty={0}
          onValue={(minutes) => set({ minutes })}
        />
      )}
      {kind === 'choices' && (
        <Choices
          choices={content.choices}
          wrong={first(wrong, 'choices')}
          onChoices={(choices) => lengths(choices, null)}
        />
      )}
      {content.range !== null && (
        <div className="three">
          <NumberField
            id="range-min"
            label="Shortest, minutes"
            wrong={first(wrong, 'range')}
            value={content.range.min}
            empty={0}
            onValue={(min) => content.range !== null && set({ range: { ...content.range, min } })}
          />
          <NumberField
            id="range-max"
            label="Longest, minutes"
            wrong={undefined}
            value={content.range.max}
            empty={0}
            onValue={(max) => content.range !== null && set({ range: { ...content.range, max } })}
          />
          <NumberField
            id="range-step"
            label="In steps of"
            wrong={undefined}
            value={content.range.step}
            empty={0}
            onValue={(step) => content.range !== null && set({ range: { ...content.range, step } })}
          />
        </div>
      )}
      <div className="two">
        <NumberField
          id="service-setup"
          label="Set-up before, minutes"
          wrong={wrong['setup']}
          value={content.setup}
          empty={-1}
          onValue={(setup) => set({ setup })}
        />
        <NumberField
          id="service-clearup"
          label="Clear-up after, minutes"
          wrong={wrong['clearup']}
          value={content.clearup}
          empty={-1}
          onValue={(clearup) => set({ clearup })}
        />
      </div>
    </Fold>
  );
}

export const first = (wrong: Readonly<Record<string, string>>, field: string): string | undefined =>
  Object.entries(wrong).find(([one]) => one === field || one.startsWith(`${field}.`))?.[1];

/** "30, 60, 90"; the first is what is offered unless another is chosen. */
function Choices({
  choices,
  wrong,
  onChoices,
}: {
  choices: readonly number[];
  wrong: string | undefined;
  onChoices: (choices: number[]) => void;
}) {
  const [typed, setTyped] = useState(choices.join(', '));
  return (
    <Field
      id="service-choices"
      label="Lengths in minutes"
      hint="30, 60, 90; the first is chosen unless the client says otherwise"
      wrong={wrong}
      value={typed}
      onValue={(next) => {
        setTyped(next);
        onChoices(
          next
            .split(/[,; ]+/)
            .filter((one) => one !== '')
            .map((one) => (/^\d{1,6}$/.test(one) ? Number(one) : 0)),
        );
      }}
    />
  );
}

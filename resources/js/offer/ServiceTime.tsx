import { useState } from 'react';
import { duration } from '../lib/format';
import { readLength, writeLength } from '../lib/reading';
import { Field } from '../ui/Field';
import { Fold } from '../ui/Fold';
import { LengthField } from '../ui/LengthField';
import { pricesFor } from './PriceByLength';
import type { PartProps } from './service';

/** How long it takes, and the time around it. */
export function ServiceTime({ content, set, wrong }: PartProps) {
  const [listed, setListed] = useState(content.choices.length > 0); // a list stays one while it is typed anew
  const kind = content.range !== null ? 'range' : content.choices.length > 0 || listed ? 'choices' : 'fixed';
  const says = {
    fixed: duration(content.minutes),
    choices: content.choices.map(writeLength).join(', '),
    range: `${writeLength(content.range?.min ?? 0)} to ${writeLength(content.range?.max ?? 0)}`,
  }[kind];
  const buffers =
    content.setup + content.clearup === 0
      ? ''
      : `, ${writeLength(content.setup)} before, ${writeLength(content.clearup)} after`;
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
        <LengthField
          id="service-minutes"
          label="It lasts"
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
          <LengthField
            id="range-min"
            label="Shortest"
            wrong={first(wrong, 'range')}
            value={content.range.min}
            empty={0}
            onValue={(min) => content.range !== null && set({ range: { ...content.range, min } })}
          />
          <LengthField
            id="range-max"
            label="Longest"
            wrong={undefined}
            value={content.range.max}
            empty={0}
            onValue={(max) => content.range !== null && set({ range: { ...content.range, max } })}
          />
          <LengthField
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
        <LengthField
          id="service-setup"
          label="Set-up before"
          wrong={wrong['setup']}
          value={content.setup}
          empty={-1}
          onValue={(setup) => set({ setup })}
        />
        <LengthField
          id="service-clearup"
          label="Clear-up after"
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
  const [typed, setTyped] = useState(choices.map(writeLength).join(', '));
  const parts = typed.split(/[,;]/).filter((one) => one.trim() !== '');
  const unread = parts.find((one) => readLength(one) === null);
  return (
    <Field
      id="service-choices"
      label="Lengths"
      hint="30, 1 h, 1 h 30; the first is chosen unless the client says otherwise"
      wrong={unread === undefined ? wrong : `“${unread.trim()}” is no length. Type it like 90 or 1 h 30.`}
      value={typed}
      onValue={(next) => {
        setTyped(next);
        const given = next.split(/[,;]/).filter((one) => one.trim() !== '');
        onChoices(given.map((one) => readLength(one) ?? 0)); // 0 is refused
      }}
    />
  );
}

import { useState } from 'react';
import { Columns } from '../ui/Columns';
import { duration } from '../lib/format';
import { writeLength } from '../lib/length';
import { Choice } from '../ui/Choice';
import { Fold } from '../ui/Fold';
import { LengthField } from '../ui/LengthField';
import { Choices } from './Choices';
import { pricesFor } from './PriceByLength';
import { RangeFields } from './RangeFields';
import { first, type PartProps } from './service';
import * as say from '@words/offer';

/** How long it takes, and the time around it. */
export function ServiceTime({ content, set, wrong }: PartProps) {
  const [listed, setListed] = useState(content.choices.length > 0); // a list stays one while it is typed anew
  const kind = content.range !== null ? 'range' : content.choices.length > 0 || listed ? 'choices' : 'fixed';
  const says = {
    fixed: duration(content.minutes),
    choices: content.choices.map(writeLength).join(', '),
    range: say.range({ from: writeLength(content.range?.min ?? 0), to: writeLength(content.range?.max ?? 0) }),
  }[kind];
  const buffers =
    content.setup + content.clearup === 0
      ? ''
      : say.beforeAfter({ setup: writeLength(content.setup), clearup: writeLength(content.clearup) });
  const lengths = (choices: number[], range: typeof content.range) =>
    set({ choices, range, pricing: pricesFor(content, choices, range) });
  const choose = (next: typeof kind) => {
    const { minutes } = content;
    setListed(next === 'choices');
    lengths(
      next === 'choices' ? [minutes, minutes + 30] : [],
      next === 'range' ? { min: minutes, max: minutes * 3, step: minutes } : null,
    );
  };
  const broken = ['minutes', 'choices', 'range', 'setup', 'clearup'].some((field) =>
    Object.keys(wrong).some((one) => one.startsWith(field)),
  );
  return (
    <Fold id="fold-time" title={say.howLong} says={says + buffers} open wrong={broken}>
      <Choice
        label={say.length}
        value={kind}
        options={[
          ['fixed', say.oneLength],
          ['choices', say.severalToChooseFrom, 'length-choices'],
          ['range', say.clientsOwn, 'length-range'],
        ]}
        onValue={choose}
      />
      {kind === 'fixed' && (
        <LengthField
          id="service-minutes"
          label={say.lasts}
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
        <RangeFields range={content.range} wrong={first(wrong, 'range')} onRange={(range) => set({ range })} />
      )}
      <Columns>
        <LengthField
          id="service-setup"
          label={say.setUpBefore}
          wrong={wrong['setup']}
          value={content.setup}
          empty={-1}
          onValue={(setup) => set({ setup })}
        />
        <LengthField
          id="service-clearup"
          label={say.clearUpAfter}
          wrong={wrong['clearup']}
          value={content.clearup}
          empty={-1}
          onValue={(clearup) => set({ clearup })}
        />
      </Columns>
    </Fold>
  );
}

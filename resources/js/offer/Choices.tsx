import { useState } from 'react';
import { readLength, writeLength } from '../lib/length';
import { Field } from '../ui/Field';
import * as say from '@words/offer';

/** "30, 60, 90"; the first is what is offered unless another is chosen. */
export function Choices({
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
      label={say.lengths}
      hint={say.lengthsHelp}
      wrong={unread === undefined ? wrong : say.noLengthTypeLike({ trim: unread.trim() })}
      value={typed}
      onValue={(next) => {
        setTyped(next);
        const given = next.split(/[,;]/).filter((one) => one.trim() !== '');
        onChoices(given.map((one) => readLength(one) ?? 0)); // 0 is refused
      }}
    />
  );
}

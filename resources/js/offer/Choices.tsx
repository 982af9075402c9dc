import { useState } from 'react';
import { readLength, writeLength } from '../lib/reading';
import { Field } from '../ui/Field';

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

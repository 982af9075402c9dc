import { useState } from 'react';
import { Check } from '../ui/Check';
import { Notice } from '../ui/Notice';
import { Button } from '../ui/Button';
import { useIntoSight } from '../ui/useIntoSight';
import type { Editing } from './useThing';
import { useSetup } from './useSetup';
import { fieldWord, valueWords } from './words';
import * as say from '@words/setup';
import { rich } from '../language/rich';

const same = (a: unknown, b: unknown): boolean => JSON.stringify(a) === JSON.stringify(b);

/**
 * Somebody else has saved the same thing: what they changed is shown. Where both changed a field, one is chosen; what
 * only one has changed stays changed either way.
 */
export function Meanwhile<C extends object>({
  editing,
  names,
}: {
  editing: Editing<C>;
  names: ReadonlyMap<string, string>;
}) {
  const { meanwhile, content, before } = editing;
  const currency = useSetup().data?.currency ?? 'EUR';
  const box = useIntoSight<HTMLElement>(meanwhile);
  const [theirs, setTheirs] = useState<readonly string[]>([]);
  if (meanwhile === null || content === null || before === null) {
    return null;
  }
  const now = readAs(meanwhile.content, before);
  if (now === null) {
    return null;
  }
  const fields = keysOf(content).filter((field) => !same(now[field], before[field]));
  const both = fields.filter((field) => !same(content[field], before[field]) && !same(content[field], now[field]));
  const goOn = () => {
    const mine: Partial<C> = {};
    for (const field of keysOf(content)) {
      if (!same(content[field], before[field]) && !theirs.includes(String(field))) {
        mine[field] = content[field];
      }
    }
    editing.takeOver(now, meanwhile.version, mine);
  };
  return (
    <Notice ref={box} tabIndex={-1} as="section" className="meanwhile" aria-label={say.changedMeanwhile}>
      <h3>{say.hasChangedThisMeanwhile({ by: meanwhile.by })}</h3>
      <ul>
        {fields.map((field) => (
          <li key={String(field)}>
            {rich(say.fromTo, {
              field: fieldWord(String(field)),
              before: <s>{valueWords(before[field], names, currency, String(field))}</s>,
              after: <b>{valueWords(now[field], names, currency, String(field))}</b>,
            })}
            {both.includes(field) && (
              <Check
                checked={theirs.includes(String(field))}
                onChange={(chosen) =>
                  setTheirs(chosen ? [...theirs, String(field)] : theirs.filter((one) => one !== String(field)))
                }
              >
                {say.takeTheirs({ mine: valueWords(content[field], names, currency, String(field)) })}
              </Check>
            )}
          </li>
        ))}
      </ul>
      <Button small className="justify-self-start" onClick={goOn}>
        {say.goOnWithThis}
      </Button>
    </Notice>
  );
}

function keysOf<T extends object>(of: T): (keyof T)[] {
  const keys: (keyof T)[] = [];
  for (const key in of) {
    keys.push(key);
  }
  return keys;
}

/** What came with the refusal, if it has the fields of the content at hand. */
function readAs<T extends object>(value: unknown, like: T): T | null {
  const fits = (one: unknown): one is T =>
    typeof one === 'object' && one !== null && keysOf(like).every((key) => key in one);
  return fits(value) ? value : null;
}

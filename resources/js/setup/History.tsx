import type { Schemas } from '../lib/api';
import { moment } from '../lib/format';
import { useSetup } from './useSetup';
import { fieldWord, valueWords } from './words';
import * as say from '@words/setup';
import { rich } from '../language/rich';
import './History.css';

type Props = { history: readonly Schemas['ThingChange'][]; zone: string; names: ReadonlyMap<string, string> };

/** Who has changed a thing, when, and from what to what. */
export function History({ history, zone, names }: Props) {
  const currency = useSetup().data?.currency ?? 'EUR';
  if (history.length === 0) {
    return null;
  }
  return (
    <details className="history">
      <summary>{say.history({ count: history.length })}</summary>
      <ol>
        {history.map((change) => (
          <li key={change.id}>
            {rich(say.byWhom, {
              by: <b>{change.by}</b>,
              done: say.changesDone[change.what],
              at: moment(change.at, zone),
            })}
            {change.what !== 'added' && change.what !== 'removed' && (
              <ul>
                {change.fields.map((field) => (
                  <li key={field.field}>
                    {rich(say.fromTo, {
                      field: fieldWord(field.field),
                      before: <s>{valueWords(field.before, names, currency, field.field)}</s>,
                      after: valueWords(field.after, names, currency, field.field),
                    })}
                  </li>
                ))}
              </ul>
            )}
          </li>
        ))}
      </ol>
    </details>
  );
}

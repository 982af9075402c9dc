import type { Schemas } from '../lib/api';
import { moment } from '../lib/format';
import { useSetup } from './useSetup';
import { fieldWord, valueWords } from './words';

type Props = { history: readonly Schemas['ThingChange'][]; zone: string; names: ReadonlyMap<string, string> };

/** Who has changed a thing, when, and from what to what. */
export function History({ history, zone, names }: Props) {
  const currency = useSetup().data?.currency ?? 'EUR';
  if (history.length === 0) {
    return null;
  }
  return (
    <details className="history">
      <summary>History: {history.length === 1 ? 'one change' : `${history.length} changes`}</summary>
      <ol>
        {history.map((change) => (
          <li key={change.id}>
            <b>{change.by}</b> {change.what === 'undone' ? 'undid a change of it' : `${change.what} it`},{' '}
            {moment(change.at, zone)}
            {change.what !== 'added' && change.what !== 'removed' && (
              <ul>
                {change.fields.map((field) => (
                  <li key={field.field}>
                    {fieldWord(field.field)}: <s>{valueWords(field.before, names, currency, field.field)}</s> →{' '}
                    {valueWords(field.after, names, currency, field.field)}
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

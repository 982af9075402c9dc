import type { Contents } from '../setup/things';
import { Columns } from '../ui/Columns';
import { DateField } from '../ui/DateField';
import { MoneyField } from '../ui/MoneyField';
import { NumberField } from '../ui/NumberField';
import * as say from '@words/offer';

type Content = Contents['offerCode'];
type Props = {
  content: Content;
  set: (changes: Partial<Content>) => void;
  wrong: Readonly<Record<string, string>>;
  currency: string;
};

const orNull = (date: string): string | null => (date === '' ? null : date);

/** Until when, how often and for what a code holds. */
export function CodeLimits({ content, set, wrong, currency }: Props) {
  return (
    <Columns>
      <DateField
        id="code-from"
        label={say.codeFrom}
        value={content.from ?? ''}
        wrong={wrong['from']}
        onValue={(from) => set({ from: orNull(from) })}
      />
      <DateField
        id="code-until"
        label={say.codeUntil}
        value={content.until ?? ''}
        wrong={wrong['until']}
        onValue={(until) => set({ until: orNull(until) })}
      />
      <NumberField
        id="code-uses"
        label={say.codeUses}
        hint={say.anyNumber}
        value={content.uses}
        empty={null}
        wrong={wrong['uses']}
        onValue={(uses) => set({ uses })}
      />
      <NumberField
        id="code-uses-each"
        label={say.codeUsesEach}
        hint={say.anyNumber}
        value={content.usesPerClient}
        empty={null}
        wrong={wrong['usesPerClient']}
        onValue={(usesPerClient) => set({ usesPerClient })}
      />
      <MoneyField
        id="code-minimum"
        label={say.codeMinimum({ currency })}
        currency={currency}
        value={content.minimum}
        wrong={wrong['minimum']}
        onValue={(minimum) => set({ minimum })}
      />
    </Columns>
  );
}

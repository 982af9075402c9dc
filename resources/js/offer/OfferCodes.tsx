import { longDate, money } from '../lib/format';
import type { Schemas } from '../lib/api';
import { RowEditor } from '../setup/RowEditor';
import type { Contents } from '../setup/things';
import { ThingRows } from '../setup/ThingRows';
import { useSetup } from '../setup/useSetup';
import { useThing } from '../setup/useThing';
import { Button } from '../ui/Button';
import { Check } from '../ui/Check';
import { Columns } from '../ui/Columns';
import { Field } from '../ui/Field';
import { useNotices } from '../ui/Notices';
import { AmountOrPart } from '../setup/AmountOrPart';
import { CodeLimits } from './CodeLimits';
import { SomeServices } from './SomeServices';
import * as say from '@words/offer';

const FRESH: Contents['offerCode'] = {
  code: '',
  amount: null,
  percent: '10',
  services: null,
  from: null,
  until: null,
  minimum: 0,
  uses: null,
  usesPerClient: null,
  firstVisitOnly: false,
  includesExtras: false,
  combines: false,
};

/** Codes that make visits cheaper. */
export function OfferCodes() {
  const { data } = useSetup();
  const currency = data?.currency ?? 'EUR';
  return (
    <ThingRows
      list="offerCodes"
      title={say.codes}
      add={say.addCode}
      empty={say.noCodes}
      rows={(data?.offerCodes ?? []).map((one) => ({ ...one, says: codeWords(one, currency) }))}
      editor={(id, onDone) => <OfferCode id={id} currency={currency} onDone={onDone} />}
    />
  );
}

/** "10 % off, until Fri 5 March, used 3 of 50 times". */
function codeWords({ amount, percent, until, uses, used }: Schemas['OfferCodeRow'], currency: string): string {
  return say.codeSays({
    off: percent === null ? money(amount ?? 0, currency) : say.rateOf({ percent }),
    until: until === null ? 'none' : longDate(until),
    used,
    uses: uses === null ? 'any' : String(uses),
  });
}

function OfferCode({ id, currency, onDone }: { id: string | null; currency: string; onDone: () => void }) {
  const editing = useThing('offerCode', id, FRESH);
  const { content, set, wrong } = editing;
  if (content === null) {
    return <p role="status">{say.fetchingCode}</p>;
  }
  return (
    <RowEditor editing={editing} name={content.code} isNew={id === null} onDone={onDone}>
      <Columns>
        <Field
          id="code-code"
          label={say.code}
          hint={say.codeHelp}
          maxLength={60}
          wrong={wrong['code']}
          value={content.code}
          onValue={(code) => set({ code })}
        />
        {id !== null && <CodeLink code={content.code} />}
      </Columns>
      <AmountOrPart
        id="code"
        label={say.codeOff}
        currency={currency}
        value={content}
        wrong={wrong['amount'] ?? wrong['percent']}
        onValue={set}
      />
      <CodeLimits content={content} set={set} wrong={wrong} currency={currency} />
      <Check checked={content.firstVisitOnly} onChange={(firstVisitOnly) => set({ firstVisitOnly })}>
        {say.firstVisitOnly}
      </Check>
      <Check checked={content.includesExtras} onChange={(includesExtras) => set({ includesExtras })}>
        {say.includesExtras}
      </Check>
      <Check checked={content.combines} onChange={(combines) => set({ combines })}>
        {say.combines}
      </Check>
      <SomeServices
        services={content.services}
        onServices={(services) => set({ services })}
        wrong={wrong['services']}
      />
    </RowEditor>
  );
}

function CodeLink({ code }: { code: string }) {
  const { data } = useSetup();
  const notices = useNotices();
  const copy = async () => {
    await navigator.clipboard.writeText(`${data?.link ?? ''}?code=${encodeURIComponent(code.trim())}`);
    notices.say(say.linkCopied);
  };
  return (
    <div className="flex items-end">
      <Button onClick={() => void copy()}>{say.codeLink}</Button>
    </div>
  );
}

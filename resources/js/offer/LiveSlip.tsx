import type { Schemas } from '../lib/api';
import { money } from '../lib/format';
import { useSetup } from '../setup/useSetup';
import { Wrong } from '../ui/Wrong';
import { lineWords } from '../words/lines';
import * as say from '@words/offer';

type Quote = Schemas['DraftQuote'];
type Props = { before: Quote | null; after: Quote | null; party: number; currency: string };

/** The visit line by line; each opens to the rule that made it. Below, what it costs by what is saved. */
export function LiveSlip({ before, after, party, currency }: Props) {
  const { data } = useSetup();
  if (after === null) {
    return <p>{say.liveNone}</p>;
  }
  if (!after.priced) {
    return <p>{say.liveSettled}</p>;
  }
  const nameOf = (id: string): string => data?.staff.find((one) => one.id === id)?.name ?? '';
  return (
    <div role="status" className="grid gap-1">
      {after.lines.map((line, i) => (
        <details key={i} className="border-b border-line py-1">
          <summary className="flex justify-between gap-4">
            <span className="underline decoration-dotted underline-offset-4">{lineWords(line, party)}</span>
            <span>{money(line.amount, currency)}</span>
          </summary>
          <p className="text-soft">{line.why}</p>
        </details>
      ))}
      <p className="flex justify-between gap-4 font-bold">
        <span>{say.liveTotal}</span>
        <span>{money(after.total, currency)}</span>
      </p>
      <ul className="text-soft">
        {after.includedTax.map((tax) => (
          <li key={tax.name}>
            {say.includes({ name: tax.name, percent: tax.percent, amount: money(tax.amount, currency) })}
          </li>
        ))}
        <li>{after.keepsCard ? say.liveCard : say.liveDue({ amount: money(after.dueNow, currency) })}</li>
        {after.staffPay.map((share) => (
          <li key={share.staff}>{say.livePay({ name: nameOf(share.staff), amount: money(share.amount, currency) })}</li>
        ))}
      </ul>
      {before !== null && <p>{beforeWords(before, after, currency)}</p>}
      {after.codes.map((one) => one.why !== null && <Wrong key={one.code}>{one.why}</Wrong>)}
    </div>
  );
}

function beforeWords(before: Quote, after: Quote, currency: string): string {
  if (!before.priced) {
    return say.liveBefore({ amount: say.liveSettled });
  }
  return before.total === after.total ? say.liveSame : say.liveBefore({ amount: money(before.total, currency) });
}

import { money, moment } from '../lib/format';
import type { Schemas } from '../lib/api';
import { lineWords } from '../words/lines';
import { Button } from '../ui/Button';
import { Wrong } from '../ui/Wrong';
import * as say from '@words/sales';
import './Slip.css';

type Sale = Schemas['Sale'];
type Props = { sale: Sale; zone: string; onUndo: ((payment: string) => void) | null };

/** Lines above the tear, what was paid below it, and what is still missing. */
export function Slip({ sale, zone, onUndo }: Props) {
  const written = (amount: number) => money(amount, sale.currency);
  return (
    <div className="sale-slip">
      {sale.lines.map((line, i) => (
        <Line key={i} sale={sale} line={line} written={written} />
      ))}
      <p className="slip-line slip-total">
        <span>{say.total}</span>
        <span>{written(sale.total)}</span>
      </p>
      {sale.taxes
        .filter((tax) => tax.included)
        .map((tax) => (
          <p key={`${tax.name} ${tax.percent}`} className="text-sm text-soft">
            {say.includes({ name: tax.name, percent: tax.percent, amount: written(tax.amount) })}
          </p>
        ))}
      <div className="sale-tear" aria-hidden="true" />
      {sale.payments.map((payment) => (
        <Payment key={payment.id} payment={payment} written={written} zone={zone} onUndo={onUndo} />
      ))}
      {sale.refunds.map((refund) => (
        <p key={refund.id} className="slip-line">
          <span>
            {say.backBy({ way: refund.method, at: moment(refund.at, zone), by: refund.by })}
            <State word={said(say.refundStates, refund.state)} />
          </span>
          <span>{written(-refund.amount)}</span>
        </p>
      ))}
      <p className="sale-figure" role="status">
        <span className="font-semibold">{figureWord(sale)}</span>
        <strong>
          {sale.owed === 0 && sale.open.length > 0
            ? say.open
            : written(sale.owed === 0 ? sale.total : Math.abs(sale.owed))}
        </strong>
      </p>
    </div>
  );
}

function figureWord(sale: Sale): string {
  if (sale.owed < 0) {
    return say.toGiveBack;
  }
  if (sale.owed === 0 && sale.open.length > 0) {
    return say.notSettled;
  }
  return sale.owed > 0 ? say.missing : sale.payments.length > 0 ? say.allPaid : say.nothingOwed;
}

type LineProps = { sale: Sale; line: Sale['lines'][number]; written: (amount: number) => string };

function Line({ sale, line, written }: LineProps) {
  const before = said(say.lineKinds, line.kind);
  const label = [before, line.label, line.label === line.why ? '' : line.why].filter((one) => one !== '').join(': ');
  return (
    <>
      <p className="slip-line">
        <span className="wrap-anywhere">{label}</span>
        <span>
          {line.kind === 'visit' && line.amount === 0 && sale.open.some((one) => one.booking === line.booking)
            ? say.open
            : written(line.amount)}
        </span>
      </p>
      {line.parts.map((part, i) => (
        <p key={i} className="flex justify-between gap-4 ps-4 text-sm text-soft">
          <span>{lineWords(part, line.party)}</span>
          <span className="whitespace-nowrap">{written(part.amount)}</span>
        </p>
      ))}
    </>
  );
}

type PaymentProps = {
  payment: Sale['payments'][number];
  written: (amount: number) => string;
  zone: string;
  onUndo: Props['onUndo'];
};

function Payment({ payment, written, zone, onUndo }: PaymentProps) {
  const { given, change } = payment;
  const more = [
    payment.tip > 0 ? say.tip({ amount: written(payment.tip) }) : '',
    payment.tipBack > 0 ? say.tipBack({ amount: written(payment.tipBack) }) : '',
    given !== null && change > 0 ? say.given({ given: written(given), change: written(change) }) : '',
    payment.kept > 0 ? say.keptForThem({ amount: written(payment.kept) }) : '',
  ].filter((one) => one !== '');
  return (
    <p className="slip-line">
      <span>
        <span className={payment.state === 'undone' ? 'line-through' : ''}>
          {say.paidBy({ way: payment.method, at: moment(payment.at, zone), by: payment.by })}
        </span>
        <State word={payment.disputed > 0 ? say.disputed : said(say.states, payment.state)} />
        {more.length > 0 && <span className="block text-sm text-soft">{more.join(' · ')}</span>}
        {payment.mayUndo && onUndo !== null && (
          <Button
            small
            className="mt-1 flex"
            aria-label={say.undoOne({ amount: written(payment.amount) })}
            onClick={() => onUndo(payment.id)}
          >
            {say.undo}
          </Button>
        )}
      </span>
      <span className={payment.state === 'undone' ? 'line-through' : ''}>{written(payment.amount)}</span>
    </p>
  );
}

/** The word of what needs one. */
const said = (words: Readonly<Record<string, string>>, code: string): string => words[code] ?? '';

const State = ({ word }: { word: string }) => (word === '' ? null : <Wrong className="ms-2 text-sm">{word}</Wrong>);

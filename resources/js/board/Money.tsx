import type { Schemas } from '../lib/api';
import { money } from '../lib/format';
import { SalePanel } from '../sales/SalePanel';
import { useSetup } from '../setup/useSetup';
import { Wrong } from '../ui/Wrong';
import { lineWords } from '../words/lines';
import * as say from '@words/board';

type Props = { business: string; zone: string; card: Schemas['Card'] };

/** What it costs and how it stands: as its sale once it is sold, as its quote before, or to who does not take money. */
export function Money({ business, zone, card }: Props) {
  const { may } = useSetup();
  if (card.sale !== null && may('see-sales')) {
    return (
      <div className="grid gap-2">
        <Standing card={card} />
        <SalePanel business={business} id={card.sale} zone={zone} mayChange={may('take-money')} folded />
      </div>
    );
  }
  return (
    <div>
      {card.lines.map((line, i) => (
        <p key={i} className="slip-line">
          <span>{lineWords(line, card.party)}</span>
          <span>{money(line.amount, card.currency)}</span>
        </p>
      ))}
      <p className="slip-line slip-total">
        <span>{say.total}</span>
        <span>{card.told.price}</span>
      </p>
      <Standing card={card} />
    </div>
  );
}

/** What has been paid, kept and given back, what is due, and what went wrong with it. */
function Standing({ card }: { card: Schemas['Card'] }) {
  const said = [...card.told.money, card.told.terms].filter((one) => one !== '');
  return (
    <>
      {said.length > 0 && <p className="text-sm text-soft">{said.join(' ')}</p>}
      {card.moneyTrouble !== null && (
        <Wrong as="p">
          {(card.money === 'refunding' ? say.refundTrouble : say.feeTrouble)({ why: card.moneyTrouble })}
        </Wrong>
      )}
    </>
  );
}

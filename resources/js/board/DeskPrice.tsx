import type { Schemas } from '../lib/api';
import { money } from '../lib/format';
import * as say from '@words/board';

type Props = { price: Schemas['DeskPrice']; currency: string };

/** What it costs, as far as the sentence says; whoever only wanted to know that is told here. */
export function DeskPrice({ price, currency }: Props) {
  const amount = money(price.priced ? price.total : (price.from ?? 0), currency);
  return (
    <p id="desk-price" role="status">
      <b>
        {!price.priced && price.from === null
          ? say.deskOnRequest
          : price.priced && price.exact
            ? amount
            : say.deskFrom({ amount })}
      </b>
      {price.earlier > 0 && ` ${say.deskEarlier({ amount: money(price.earlier, currency) })}`}
    </p>
  );
}

import type { Schemas } from '../lib/api';
import { money } from '../lib/format';

type Priced = Pick<Schemas['ServiceContent'], 'price' | 'priceKind'>;

/** "from €20.00", "free", "price on request". */
export function priceWords({ price, priceKind }: Priced, currency: string): string {
  switch (priceKind) {
    case 'free':
      return 'free';
    case 'on_request':
      return 'price on request';
    case 'from':
      return `from ${money(price, currency)}`;
    case 'fixed':
      return price === 0 ? 'free' : money(price, currency);
  }
}

export const VISIBILITIES = [
  ['page', 'everybody, on the page'],
  ['link', 'whoever has its link'],
  ['desk', 'only the desk'],
] as const;

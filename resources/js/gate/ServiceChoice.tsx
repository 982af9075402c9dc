import { duration } from '../lib/format';
import { priceWords } from '../words/prices';
import type { OptionGroup } from './choices';
import { SentenceChoice } from './SentenceChoice';
import type { Page, Service } from './types';
import * as say from '@words/gate';

type Props = { page: Page; service: Service; onService: (id: string) => void };

/** What one would like: services under their headings. */
export function ServiceChoice({ page, service, onService }: Props) {
  return (
    <SentenceChoice
      label={say.whatWouldLike}
      value={service.id}
      groups={grouped(page)}
      onChange={onService}
      shown={service.name}
    />
  );
}

const lengthsOf = (service: Service): string =>
  service.lengths.length > 1
    ? say.fromLength({ duration: duration(Math.min(...service.lengths)) })
    : duration(service.minutes);

/** By category, in their order; what is in none comes last. */
function grouped(page: Page): OptionGroup[] {
  return [...page.categories, { id: '', name: page.categories.length === 0 ? '' : say.more, picture: null }]
    .map(({ id, name, picture }) => ({
      id,
      name,
      picture,
      options: page.services
        .filter((one) => (one.category ?? '') === id)
        .map((one) => ({
          value: one.id,
          name: one.name,
          detail: one.description,
          trail: [lengthsOf(one), priceWords(one.price, page.business.currency)] as const,
          sight: one,
        })),
    }))
    .filter((group) => group.options.length > 0);
}

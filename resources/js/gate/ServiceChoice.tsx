import { duration } from '../lib/format';
import { priceWords } from '../words/prices';
import type { OptionGroup } from './choices';
import { SentenceChoice } from './SentenceChoice';
import type { Page, Service } from './types';
import * as say from '@words/gate';

type Props = {
  page: Page;
  /** What can be chosen. */
  from: readonly Service[];
  service: Service | undefined;
  /** Where none is chosen yet. */
  shown?: string;
  onService: (id: string) => void;
};

/** What one would like: services under their headings. */
export function ServiceChoice({ page, from, service, shown, onService }: Props) {
  return (
    <SentenceChoice
      label={service === undefined ? say.whatComesThen : say.whatWouldLike}
      value={service?.id ?? ''}
      groups={grouped(page, from)}
      onChange={onService}
      shown={service?.name ?? shown ?? ''}
    />
  );
}

const lengthsOf = (service: Service): string =>
  service.lengths.length > 1
    ? say.fromLength({ duration: duration(Math.min(...service.lengths)) })
    : duration(service.minutes);

/** By category, in their order; what is in none comes last. */
function grouped(page: Page, from: readonly Service[]): OptionGroup[] {
  return [...page.categories, { id: '', name: page.categories.length === 0 ? '' : say.more, picture: null }]
    .map(({ id, name, picture }) => ({
      id,
      name,
      picture,
      options: from
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

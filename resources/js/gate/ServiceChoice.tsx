import { ListboxOption } from '@headlessui/react';
import { duration } from '../lib/format';
import { priceWords } from '../words/prices';
import { SentenceChoice } from './SentenceChoice';
import { Sight } from './Sight';
import type { Page, Service } from './types';
import * as say from '@words/gate';
import './ServiceChoice.css';

type Props = { page: Page; service: Service; onService: (id: string) => void };

/** What one would like: services under their headings. */
export function ServiceChoice({ page, service, onService }: Props) {
  return (
    <SentenceChoice label={say.whatWouldLike} value={service.id} onChange={onService} shown={service.name}>
      {grouped(page).map((group) => (
        <div key={group.id} role="group" aria-label={group.name === '' ? say.other : group.name}>
          {group.name !== '' && (
            <p className="choice-group" aria-hidden="true">
              {group.picture !== null && (
                <img className="sight" src={`/pictures/${group.picture}`} alt="" loading="lazy" />
              )}
              {group.name}
            </p>
          )}
          {group.services.map((one) => (
            <ListboxOption key={one.id} value={one.id} className="choice">
              <Sight of={one} />
              <span className="flex-1">
                {one.name}
                <span className="block text-sm font-normal text-soft">{one.description}</span>
              </span>
              <span className="text-end text-sm font-normal whitespace-nowrap">
                {lengthsOf(one)}
                <span className="block font-bold">{priceWords(one.price, page.business.currency)}</span>
              </span>
            </ListboxOption>
          ))}
        </div>
      ))}
    </SentenceChoice>
  );
}

const lengthsOf = (service: Service): string =>
  service.lengths.length > 1
    ? say.fromLength({ duration: duration(Math.min(...service.lengths)) })
    : duration(service.minutes);

/** By category, in their order; what is in none comes last. */
function grouped(page: Page) {
  return [...page.categories, { id: '', name: page.categories.length === 0 ? '' : say.more, picture: null }]
    .map(({ id, name, picture }) => ({
      id,
      name,
      picture,
      services: page.services.filter((one) => (one.category ?? '') === id),
    }))
    .filter((group) => group.services.length > 0);
}

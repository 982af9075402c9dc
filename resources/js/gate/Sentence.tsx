import { Listbox, ListboxButton, ListboxOption, ListboxOptions } from '@headlessui/react';
import type { KeyboardEvent, ReactNode } from 'react';
import { duration } from '../lib/format';
import { priceWords } from '../words/prices';
import { Mark } from '../ui/Mark';
import type { Ask, Page, Service } from './types';

type Props = { page: Page; ask: Ask; onService: (id: string) => void; onChoose: (changes: Partial<Ask>) => void };

/** "I'd like a wheel lesson for 1 hour with anyone at Harbour Street." Each bold part opens a choice. */
export function Sentence({ page, ask, onService, onChoose }: Props) {
  const service = page.services.find((one) => one.id === ask.service);
  if (service === undefined) {
    return null;
  }
  const people = page.staff.filter((one) => service.staff.includes(one.id));
  const places = page.locations.filter((one) => service.locations.includes(one.id));
  const place = places.find((one) => one.id === ask.location) ?? places[0];
  const minutes = ask.minutes ?? service.lengths[0] ?? service.minutes;
  return (
    <h1 className="sentence font-normal">
      I’d like{' '}
      <Choice label="What would you like?" value={service.id} onChange={onService} shown={service.name}>
        {grouped(page).map((group) => (
          <div key={group.id} role="group" aria-label={group.name === '' ? 'Other' : group.name}>
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
                <span className="text-right text-sm font-normal whitespace-nowrap">
                  {lengthsOf(one)}
                  <span className="block font-bold">{priceWords(one.price, page.business.currency)}</span>
                </span>
              </ListboxOption>
            ))}
          </div>
        ))}
      </Choice>{' '}
      for{' '}
      {service.lengths.length > 1 ? (
        <Choice
          label="For how long?"
          value={String(minutes)}
          onChange={(value) => onChoose({ minutes: Number(value) })}
          shown={duration(minutes)}
        >
          {service.lengths.map((one) => (
            <ListboxOption key={one} value={String(one)} className="choice">
              {duration(one)}
            </ListboxOption>
          ))}
        </Choice>
      ) : (
        duration(minutes)
      )}
      {service.choosesStaff && people.length > 1 ? (
        <>
          {' '}
          with{' '}
          <Choice
            label="With whom?"
            value={ask.staff ?? ''}
            onChange={(id) => onChoose({ staff: id === '' ? null : id })}
            shown={people.find((one) => one.id === ask.staff)?.name ?? 'anyone'}
          >
            <ListboxOption value="" className="choice">
              Anyone who is free
            </ListboxOption>
            {people.map((one) => (
              <ListboxOption key={one.id} value={one.id} className="choice">
                <Sight of={one} />
                <span className="flex-1">
                  {one.name}
                  {one.about !== '' && <span className="block text-sm font-normal text-soft">{one.about}</span>}
                </span>
              </ListboxOption>
            ))}
          </Choice>
        </>
      ) : (
        !service.session && people.length === 1 && ` with ${people[0]?.name ?? ''}`
      )}
      {places.length > 1 ? (
        <>
          {' '}
          at{' '}
          <Choice
            label="Where?"
            value={place?.id ?? ''}
            onChange={(location) => onChoose({ location })}
            shown={place?.name ?? ''}
          >
            {places.map((one) => (
              <ListboxOption key={one.id} value={one.id} className="choice">
                {one.picture !== null && <img className="sight" src={`/pictures/${one.picture}`} alt="" />}
                <span className="flex-1">
                  {one.name}
                  <span className="block text-sm font-normal text-soft">{one.address}</span>
                </span>
              </ListboxOption>
            ))}
          </Choice>
        </>
      ) : (
        place !== undefined && ` at ${place.name}`
      )}
      {service.largestParty > 1 && (
        <>
          {' '}
          for{' '}
          <Choice
            label="How many are you?"
            value={String(ask.party)}
            onChange={(value) => onChoose({ party: Number(value) })}
            shown={heads(ask.party)}
          >
            {Array.from({ length: service.largestParty }, (_, i) => (
              <ListboxOption key={i + 1} value={String(i + 1)} className="choice">
                {heads(i + 1)}
              </ListboxOption>
            ))}
          </Choice>
        </>
      )}
      .
    </h1>
  );
}

const heads = (count: number): string => (count === 1 ? 'one person' : `${count} people`);

const lengthsOf = (service: Service): string =>
  service.lengths.length > 1 ? `from ${duration(Math.min(...service.lengths))}` : duration(service.minutes);

/** By category, in their order; what is in none comes last. */
function grouped(page: Page) {
  return [...page.categories, { id: '', name: page.categories.length === 0 ? '' : 'More', picture: null }]
    .map(({ id, name, picture }) => ({
      id,
      name,
      picture,
      services: page.services.filter((one) => (one.category ?? '') === id),
    }))
    .filter((group) => group.services.length > 0);
}

/** A picture, or else the mark. */
function Sight({ of }: { of: { picture: string | null; initials: string; colour: string; pattern: string } }) {
  return of.picture === null ? (
    <Mark of={of} />
  ) : (
    <img className="sight" src={`/pictures/${of.picture}`} alt="" loading="lazy" />
  );
}

type ChoiceProps = {
  label: string;
  value: string;
  shown: string;
  onChange: (value: string) => void;
  children: ReactNode;
};

/** Enter opens as Space does; the list itself would only send a form. */
function openByEnter(event: KeyboardEvent<HTMLButtonElement>) {
  if (event.key === 'Enter') {
    event.preventDefault();
    event.currentTarget.dispatchEvent(new globalThis.KeyboardEvent('keydown', { key: ' ', bubbles: true }));
    event.currentTarget.dispatchEvent(new globalThis.KeyboardEvent('keyup', { key: ' ', bubbles: true }));
  }
}

function Choice({ label, value, shown, onChange, children }: ChoiceProps) {
  return (
    <Listbox value={value} onChange={onChange}>
      <ListboxButton aria-label={`${label} ${shown}`} onKeyDown={openByEnter}>
        {shown}
      </ListboxButton>
      <ListboxOptions anchor={{ to: 'bottom start', gap: 6, padding: 16 }} className="choices" aria-label={label}>
        {children}
      </ListboxOptions>
    </Listbox>
  );
}

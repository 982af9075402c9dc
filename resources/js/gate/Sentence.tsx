import { Listbox, ListboxButton, ListboxOption, ListboxOptions } from '@headlessui/react';
import type { ReactNode } from 'react';
import { duration } from '../lib/format';
import { priceWords } from '../offer/words';
import { Mark } from '../ui/Mark';
import type { Page } from './types';

type Props = {
  page: Page;
  service: string;
  staff: string | null;
  party: number;
  onService: (id: string) => void;
  onStaff: (id: string | null) => void;
  onParty: (party: number) => void;
};

/** "I'd like a wheel lesson with anyone at Harbour Street." Each bold part opens a choice. */
export function Sentence({ page, service: serviceId, staff, party, onService, onStaff, onParty }: Props) {
  const service = page.services.find((one) => one.id === serviceId);
  if (service === undefined) {
    return null;
  }
  const people = page.staff.filter((one) => service.staff.includes(one.id));
  const place = page.locations.find((one) => service.locations.includes(one.id));
  return (
    <h1 className="sentence font-normal">
      I’d like{' '}
      <Choice label="What would you like?" value={service.id} onChange={onService} shown={service.name}>
        {page.services.map((one) => (
          <ListboxOption key={one.id} value={one.id} className="choice">
            <span className="flex-1">
              {one.name}
              <span className="block text-sm font-normal text-soft">{one.description}</span>
            </span>
            <span className="text-right text-sm font-normal whitespace-nowrap">
              {duration(one.minutes)}
              <span className="block font-bold">{priceWords(one, page.business.currency)}</span>
            </span>
          </ListboxOption>
        ))}
      </Choice>{' '}
      for {duration(service.minutes)}
      {service.choosesStaff && people.length > 1 ? (
        <>
          {' '}
          with{' '}
          <Choice
            label="With whom?"
            value={staff ?? ''}
            onChange={(id) => onStaff(id === '' ? null : id)}
            shown={people.find((one) => one.id === staff)?.name ?? 'anyone'}
          >
            <ListboxOption value="" className="choice">
              Anyone who is free
            </ListboxOption>
            {people.map((one) => (
              <ListboxOption key={one.id} value={one.id} className="choice">
                <Mark of={one} /> {one.name}
              </ListboxOption>
            ))}
          </Choice>
        </>
      ) : (
        !service.session && people.length === 1 && ` with ${people[0]?.name ?? ''}`
      )}
      {place !== undefined && ` at ${place.name}`}
      {service.largestParty > 1 && (
        <>
          {' '}
          for{' '}
          <Choice
            label="How many are you?"
            value={String(party)}
            onChange={(value) => onParty(Number(value))}
            shown={heads(party)}
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

type ChoiceProps = {
  label: string;
  value: string;
  shown: string;
  onChange: (value: string) => void;
  children: ReactNode;
};

function Choice({ label, value, shown, onChange, children }: ChoiceProps) {
  return (
    <Listbox value={value} onChange={onChange}>
      <ListboxButton aria-label={`${label} ${shown}`}>{shown}</ListboxButton>
      <ListboxOptions anchor={{ to: 'bottom start', gap: 6 }} className="choices" aria-label={label}>
        {children}
      </ListboxOptions>
    </Listbox>
  );
}

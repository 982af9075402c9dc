import { duration, listed } from '../lib/format';
import { priceWords } from '../words/prices';
import { Button } from '../ui/Button';
import type { Page, Service } from './types';
import * as say from '@words/gate';
import './Catalogue.css';

type Props = { page: Page; onService: (id: string) => void };

/** All that can be booked, for those who browse: by category, with pictures, lengths, prices and who does it. */
export function Catalogue({ page, onService }: Props) {
  const groups = [...page.categories, { id: '', name: page.categories.length === 0 ? '' : say.more, description: '' }];
  return groups
    .map((group) => ({ group, services: page.services.filter((one) => (one.category ?? '') === group.id) }))
    .filter(({ services }) => services.length > 0)
    .map(({ group, services }) => (
      <section key={group.id} className="mt-3 grid gap-2">
        {group.name !== '' && <h2 className="text-xl">{group.name}</h2>}
        {group.description !== '' && <p className="text-soft">{group.description}</p>}
        <ul className="catalogue">
          {services.map((service) => (
            <Offered key={service.id} page={page} service={service} onService={onService} />
          ))}
        </ul>
      </section>
    ));
}

function Offered({ page, service, onService }: Props & { service: Service }) {
  const people = page.staff.filter((one) => service.staff.includes(one.id)).map((one) => one.name);
  const lasts = (service.lengths.length > 0 ? service.lengths : [service.minutes]).map(duration).join(' / ');
  return (
    <li className="offered">
      {service.picture !== null && <img src={`/pictures/${service.picture}`} alt="" loading="lazy" />}
      <div className="grid flex-1 content-start gap-1">
        <h3 className="text-lg">{service.name}</h3>
        <p className="text-soft">{service.description}</p>
        <p>
          {lasts}, <b>{priceWords(service.price, page.business.currency)}</b>
        </p>
        {people.length > 0 && <p className="text-sm text-soft">{say.withPeople({ who: listed(people) })}</p>}
        <Button className="min-h-11 justify-self-start" onClick={() => onService(service.id)}>
          {say.chooseThis} <span className="sr-only">{service.name}</span>
        </Button>
      </div>
    </li>
  );
}

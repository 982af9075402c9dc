import { WEEKDAYS, writeHours } from '../hours/week';
import { lazy, Suspense, useState } from 'react';
import type { Page } from './types';
import * as say from '@words/gate';
import './Foot.css';

/** Asked for rarely: loaded when it is. */
const OwnLink = lazy(async () => ({ default: (await import('./OwnLink')).OwnLink }));

/** How to reach the business, and when it is open. */
export function Foot({ page }: { page: Page }) {
  const { business } = page;
  const [isOpened, setOpened] = useState(false);
  const places = page.locations.filter((one) => one.address !== '');
  return (
    <footer className="gate-foot">
      <section>
        <h2>{say.hours}</h2>
        <dl>
          {WEEKDAYS.map(([key, name]) => (
            <div key={key}>
              <dt>{name}</dt>
              <dd>{writeHours(business.hours[key]).replaceAll('-', '–') || say.closed}</dd>
            </div>
          ))}
        </dl>
      </section>
      {places.length > 0 && (
        <section>
          <h2>{say.where}</h2>
          {places.map((one) => (
            <p key={one.id}>
              <b>{one.name}</b>, {one.address}
              {one.directions !== '' && <span className="block">{one.directions}</span>}
              {one.phone !== '' && <a href={`tel:${one.phone}`}>{one.phone}</a>}
            </p>
          ))}
        </section>
      )}
      {(business.email !== '' || business.phone !== '' || business.links.length > 0) && (
        <section>
          <h2>{say.reachUs}</h2>
          {business.phone !== '' && (
            <p>
              <a href={`tel:${business.phone}`}>{business.phone}</a>
            </p>
          )}
          {business.email !== '' && (
            <p>
              <a href={`mailto:${business.email}`}>{business.email}</a>
            </p>
          )}
          {business.links.map((link) => (
            <p key={link}>
              <a href={link} rel="noopener">
                {link.replace(/^https?:\/\//, '')}
              </a>
            </p>
          ))}
        </section>
      )}
      <section>
        <details onToggle={() => setOpened(true)}>
          <summary className="min-h-11 font-bold">{say.yourBookings}</summary>
          {isOpened && (
            <Suspense>
              <OwnLink slug={business.slug} />
            </Suspense>
          )}
        </details>
      </section>
    </footer>
  );
}

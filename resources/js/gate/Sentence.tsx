import { lazy, Suspense } from 'react';
import { ungrouped } from './choices';
import { headsOf } from './heads';
import { LengthChoice } from './LengthChoice';
import { SentenceChoice } from './SentenceChoice';
import { ServiceChoice } from './ServiceChoice';
import type { Ask, Page } from './types';
import { joinable, placesOf, servicesOf, thenOf } from './visits';
import { WhoChoice, whoTakes } from './WhoChoice';
import * as say from '@words/gate';
import { rich } from '../language/rich';
import './Sentence.css';

/** Needed once somebody wants more than one service. */
const Further = lazy(async () => ({ default: (await import('./Further')).Further }));

type Props = {
  page: Page;
  ask: Ask;
  lasts: number | undefined;
  onService: (id: string) => void;
  onChoose: (changes: Partial<Ask>) => void;
};

/** "I'd like a wheel lesson for 1 hour with anyone at Harbour Street." Each bold part opens a choice. */
export function Sentence({ page, ask, lasts, onService, onChoose }: Props) {
  const services = servicesOf(page, ask);
  const service = services[0];
  if (service === undefined) {
    return null;
  }
  const open = placesOf(services);
  const places = page.locations.filter((one) => open.includes(one.id));
  const place = places.find((one) => one.id === ask.location) ?? places[0];
  const who = whoTakes(page, service);
  const largest = Math.min(...services.map((one) => one.largestParty));
  const more = joinable(page, ask);
  return (
    <div className="sentence" data-many={ask.then.length > 0}>
      <h1 className="inline font-normal">
        {rich(say.sentence, {
          service: <ServiceChoice page={page} from={page.services} service={service} onService={onService} />,
          length: (
            <LengthChoice
              service={service}
              minutes={ask.minutes}
              lasts={lasts}
              onMinutes={(minutes) => onChoose({ minutes })}
            />
          ),
          withWhom: who.isSaid ? 'yes' : 'no',
          who: <WhoChoice who={who} staff={ask.staff} onStaff={(staff) => onChoose({ staff })} />,
          atPlace: place === undefined ? 'no' : 'yes',
          place:
            places.length > 1 ? (
              <SentenceChoice
                label={say.whereAt}
                value={place?.id ?? ''}
                onChange={(location) => onChoose({ location })}
                shown={place?.name ?? ''}
                groups={ungrouped(
                  places.map(({ id, name, address, picture }) => ({ value: id, name, detail: address, picture })),
                )}
              />
            ) : (
              (place?.name ?? '')
            ),
          forHeads: largest > 1 ? 'yes' : 'no',
          heads: (
            <SentenceChoice
              label={say.howMany}
              value={String(ask.party)}
              onChange={(value) => onChoose({ party: Number(value) })}
              shown={headsOf(service.heads, ask.party)}
              groups={ungrouped(
                Array.from({ length: largest }, (_, i) => ({
                  value: String(i + 1),
                  name: headsOf(service.heads, i + 1),
                })),
              )}
            />
          ),
        })}
      </h1>
      {ask.then.length > 0 && (
        <Suspense>
          <Further page={page} ask={ask} onChoose={onChoose} />
        </Suspense>
      )}{' '}
      {more.length > 0 && (
        <span className="and-then">
          <ServiceChoice
            page={page}
            from={more}
            service={undefined}
            shown={say.andThenMore}
            onService={(id) => onChoose({ then: [...ask.then, thenOf(id)] })}
          />
        </span>
      )}
    </div>
  );
}

import { duration } from '../lib/format';
import { ungrouped } from './choices';
import { SentenceChoice } from './SentenceChoice';
import { ServiceChoice } from './ServiceChoice';
import type { Ask, Page } from './types';
import * as say from '@words/gate';
import { rich } from '../language/rich';
import './Sentence.css';

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
  const choosesWho = service.choosesStaff && people.length > 1;
  const only = service.session || choosesWho ? undefined : people.length === 1 ? people[0]?.name : undefined;
  return (
    <h1 className="sentence font-normal">
      {rich(say.sentence, {
        service: <ServiceChoice page={page} service={service} onService={onService} />,
        length:
          service.lengths.length > 1 ? (
            <SentenceChoice
              label={say.forHowLong}
              value={String(minutes)}
              onChange={(value) => onChoose({ minutes: Number(value) })}
              shown={duration(minutes)}
              groups={ungrouped(service.lengths.map((one) => ({ value: String(one), name: duration(one) })))}
            />
          ) : (
            duration(minutes)
          ),
        withWhom: choosesWho || only !== undefined ? 'yes' : 'no',
        who: choosesWho ? (
          <SentenceChoice
            label={say.withWhom}
            value={ask.staff ?? ''}
            onChange={(id) => onChoose({ staff: id === '' ? null : id })}
            shown={people.find((one) => one.id === ask.staff)?.name ?? say.anyone}
            groups={ungrouped([
              { value: '', name: say.anyoneWhoFree },
              ...people.map((one) => ({ value: one.id, name: one.name, detail: one.about, sight: one })),
            ])}
          />
        ) : (
          (only ?? '')
        ),
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
        forHeads: service.largestParty > 1 ? 'yes' : 'no',
        heads: (
          <SentenceChoice
            label={say.howMany}
            value={String(ask.party)}
            onChange={(value) => onChoose({ party: Number(value) })}
            shown={heads(ask.party)}
            groups={ungrouped(
              Array.from({ length: service.largestParty }, (_, i) => ({ value: String(i + 1), name: heads(i + 1) })),
            )}
          />
        ),
      })}
    </h1>
  );
}

const heads = (count: number): string => say.heads({ count });

import { LengthChoice } from './LengthChoice';
import { ServiceChoice } from './ServiceChoice';
import type { Ask, Page } from './types';
import { joinable, servicesOf, thenOf, withThen } from './visits';
import { WhoChoice, whoTakes } from './WhoChoice';
import * as say from '@words/gate';
import { rich } from '../language/rich';

type Props = { page: Page; ask: Ask; onChoose: (changes: Partial<Ask>) => void };

/** "And then glazing for 25 minutes with anyone": each can be left out again. */
export function Further({ page, ask, onChoose }: Props) {
  const services = servicesOf(page, ask);
  return (
    <>
      {ask.then.map((then, i) => {
        const service = services[i + 1];
        if (service === undefined) {
          return null;
        }
        const who = whoTakes(page, service);
        const put = (changed: Parameters<typeof withThen>[2]) => onChoose({ then: withThen(ask.then, i, changed) });
        return (
          <span key={i} data-then={i}>
            {' '}
            {rich(say.thenSentence, {
              service: (
                <ServiceChoice
                  page={page}
                  from={joinable(page, { ...ask, then: withThen(ask.then, i, null) })}
                  service={service}
                  onService={(id) => put(thenOf(id))}
                />
              ),
              length: (
                <LengthChoice service={service} minutes={then.minutes} onMinutes={(minutes) => put({ minutes })} />
              ),
              withWhom: who.isSaid ? 'yes' : 'no',
              who: <WhoChoice who={who} staff={then.staff} onStaff={(staff) => put({ staff })} />,
            })}{' '}
            <button
              type="button"
              className="leave-out"
              aria-label={say.leaveOut({ service: service.name })}
              onClick={() => put(null)}
            >
              ×
            </button>
          </span>
        );
      })}
    </>
  );
}

import { useState } from 'react';
import { useParams } from 'react-router';
import { Effects } from '../setup/Effects';
import { ThingFoot } from '../setup/ThingFoot';
import { namesOf, useSetup } from '../setup/useSetup';
import { useThingPage } from '../setup/useThingPage';
import { Button } from '../ui/Button';
import { Check } from '../ui/Check';
import { LivePrice } from './LivePrice';
import { NextTimes } from './NextTimes';
import { FRESH, type ServiceContent } from './service';
import { ServiceMoney } from './ServiceMoney';
import { ServiceRules } from './ServiceRules';
import { ServiceTime } from './ServiceTime';
import { ServiceWhat } from './ServiceWhat';
import { ServiceWhen } from './ServiceWhen';
import { ServiceWho } from './ServiceWho';
import { ServiceSessions } from '../sessions/ServiceSessions';
import * as say from '@words/offer';

/** A service, in the order an owner thinks: what it is, how long, who and where, when, what it costs, rules. */
export function ServicePage() {
  const { id } = useParams();
  const { data } = useSetup();
  if (data === undefined) {
    return null;
  }
  // A new one is done by everybody, everywhere, with the one tax there is: right for most, and quick to change.
  const fresh = {
    ...FRESH,
    staff: data.staff.filter((one) => one.active).map((one) => one.id),
    locations: data.locations.map((one) => one.id),
    pricing: { ...FRESH.pricing, taxRates: data.taxRates.length === 1 ? data.taxRates.map((one) => one.id) : [] },
  };
  return <ServiceEditor key={id} id={id === 'new' || id === undefined ? null : id} fresh={fresh} />;
}

function ServiceEditor({ id, fresh }: { id: string | null; fresh: ServiceContent }) {
  const { business, data, may, editing, stranded, save } = useThingPage('service', id, fresh, () => 'offer/services');
  const { content, draft, wrong, set } = editing;
  const [beside, setBeside] = useState<'times' | 'prices'>('times');
  if (editing.missing) {
    return <p>{say.thereNoSuchService}</p>;
  }
  if (data === undefined || content === null || draft === null) {
    return <p role="status">{say.fetchingService}</p>;
  }
  const names = namesOf(data);
  const part = { content, set, wrong };
  return (
    <div className="beside">
      <section className="beside-main">
        <h2>{id === null ? say.newService : content.name}</h2>
        {id !== null && content.kind === 'session' && (
          <ServiceSessions business={business} service={id} content={content} zone={data.timeZone} />
        )}
        <fieldset disabled={!may('change-setup')} className="contents">
          <ServiceWhat {...part} />
          <div className="contents" onFocusCapture={() => setBeside('times')}>
            <ServiceTime {...part} />
            <ServiceWho {...part} />
            <ServiceWhen {...part} />
          </div>
          <div className="contents" onFocusCapture={() => setBeside('prices')}>
            <ServiceMoney {...part} />
          </div>
          <ServiceRules {...part} />
          {id !== null && (
            <Check id="service-resting" checked={!content.active} onChange={(rests) => set({ active: !rests })}>
              {say.restingCannotBeBooked}
            </Check>
          )}
        </fieldset>
        <ThingFoot
          editing={editing}
          name={content.name}
          unnamed={say.thisService}
          isNew={id === null}
          names={names}
          onSave={() => void save(say.saved({ name: content.name }))}
          list={`/at/${business}/offer/services`}
        />
      </section>
      <div className="beside-live grid gap-5">
        {may('change-setup') && (
          <p className="flex gap-2" role="group" aria-label={say.besideIt}>
            {(['times', 'prices'] as const).map((one) => (
              <Button
                key={one}
                id={`beside-${one}`}
                small
                kind={beside === one ? 'next' : 'plain'}
                aria-pressed={beside === one}
                onClick={() => setBeside(one)}
              >
                {say.beside[one]}
              </Button>
            ))}
          </p>
        )}
        {beside === 'times' || !may('change-setup') ? (
          <NextTimes business={business} draft={draft} zone={data.timeZone} />
        ) : (
          <LivePrice business={business} draft={draft} content={content} />
        )}
        {id !== null && editing.dirty && (
          <Effects business={business} zone={data.timeZone} drafts={[draft]} stranded={stranded} />
        )}
      </div>
    </div>
  );
}

import { useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { Link, useNavigate } from 'react-router';
import { FindField } from '../setup/FindField';
import { ListHead } from '../setup/ListHead';
import { Button, buttonLook } from '../ui/Button';
import type { Schemas } from '../lib/api';
import { draftOf, thing } from '../setup/things';
import { useSave } from '../setup/useSave';
import { useSetup } from '../setup/useSetup';
import { Badge } from '../ui/Badge';
import { ServiceLink } from './ServiceLink';
import { Ordered } from '../setup/Ordered';
import { useOrder } from '../setup/useOrder';
import { writeLength } from '../lib/length';
import { stillHere } from '../lib/stillHere';
import { priceWords } from '../words/prices';
import { Row, RowEnd, RowFact, RowNameLink } from '../ui/Row';
import * as say from '@words/offer';
import './Services.css';

/** All services by category, in the order in which the page shows them. */
export function Services() {
  const { business, data, may } = useSetup();
  const [sought, setSought] = useState('');
  const [linked, setLinked] = useState<string | null>(null);
  const order = useOrder('services', data?.services.map((one) => one.id) ?? []);
  if (data === undefined) {
    return null;
  }
  const fits = data.services.filter((one) => one.name.toLowerCase().includes(sought.toLowerCase()));
  const groups = [...data.categories, { id: null, name: data.categories.length === 0 ? '' : say.withoutCategory }]
    .map((category) => ({ ...category, services: order.sorted(fits.filter((one) => one.category === category.id)) }))
    .filter((group) => group.services.length > 0);
  return (
    <section className="grid gap-4">
      <ListHead
        title={say.servicesTitle}
        add={say.addService}
        addId="add-service"
        to="offer/services/new"
        find={
          data.services.length > 6 && (
            <FindField says={say.findService} hint={say.find} value={sought} onValue={setSought} />
          )
        }
      >
        {!data.published && data.services.length > 0 && (
          <Link className={buttonLook({ kind: 'next', small: true })} to={`/at/${business}/gate`}>
            {say.goOnToPage}
          </Link>
        )}
      </ListHead>
      {data.services.length === 0 && <p>{say.whatDoSellBy}</p>}
      {fits.length === 0 && sought !== '' && <p>{say.nothingCalled({ sought })}</p>}
      {groups.map((group) => (
        <div key={group.id} className="grid gap-2">
          {group.name !== '' && <h3 className="group-name">{group.name}</h3>}
          <Ordered rows={group.services} mayChange={may('change-setup')} onMove={order.move}>
            {(one, handle) => (
              <>
                <Row lit>
                  {handle}
                  <Badge of={one} />
                  <RowNameLink to={`/at/${business}/offer/services/${one.id}`}>{one.name}</RowNameLink>
                  <RowFact>{lengthsOf(one)}</RowFact>
                  <RowFact className="min-w-30">{priceWords(one.price, data.currency)}</RowFact>
                  <RowFact wide>{names(one.staff, data.staff)}</RowFact>
                  <RowEnd>
                    {!one.active && <span className="word">{say.resting}</span>}
                    {one.visibility !== 'page' && (
                      <span className="word">{one.visibility === 'link' ? say.byLinkOnly : say.deskOnly}</span>
                    )}
                    <Button
                      small
                      aria-expanded={linked === one.id}
                      onClick={() => setLinked(linked === one.id ? null : one.id)}
                      aria-label={say.linkOf({ name: one.name })}
                    >
                      {say.link}
                    </Button>
                    {may('change-setup') && <Rest service={one} />}
                    {may('change-setup') && <Duplicate service={one} />}
                  </RowEnd>
                </Row>
                {linked === one.id && <ServiceLink service={one} link={`${data.link}?service=${one.id}`} />}
              </>
            )}
          </Ordered>
        </div>
      ))}
    </section>
  );
}

/** "1 h", "1 h, 1 h 30", "1 h to 4 h": every length, not only the first. */
function lengthsOf({ kind, lengths, ownLength }: Schemas['ServiceRow']): string {
  return kind === 'session'
    ? say.sessions
    : ownLength
      ? say.range({ from: writeLength(lengths[0] ?? 0), to: writeLength(lengths.at(-1) ?? 0) })
      : lengths.map(writeLength).join(', ');
}

const names = (ids: readonly string[], staff: readonly Schemas['Member'][]): string =>
  ids.map((id) => staff.find((one) => one.id === id)?.name.split(' ')[0] ?? '').join(', ');

/** Nobody can book it while it rests; nothing is lost. */
function Rest({ service }: { service: Schemas['ServiceRow'] }) {
  const queries = useQueryClient();
  const { business, save } = useSave({ aloud: true });
  const put = async () => {
    const { content, version } = await queries.query({ ...thing(business, 'service', service.id), staleTime: 0 });
    await save(
      [draftOf.service(service.id, { ...content, active: !service.active }, version)],
      service.active ? say.restsNobodyCanBook({ name: service.name }) : say.canBeBookedAgain({ name: service.name }),
    );
  };
  return (
    <Button
      small
      onClick={() => void put()}
      aria-label={(service.active ? say.restOne : say.wakeOne)({ name: service.name })}
    >
      {service.active ? say.rest : say.wake}
    </Button>
  );
}

/** The same again under another name, resting until it has been looked at. */
function Duplicate({ service }: { service: Schemas['ServiceRow'] }) {
  const queries = useQueryClient();
  const navigate = useNavigate();
  const { business, save } = useSave({ aloud: true });
  const make = async () => {
    const isStillHere = stillHere();
    const { content } = await queries.query({ ...thing(business, 'service', service.id), staleTime: 0 });
    const saved = await save(
      [draftOf.service(null, { ...content, name: say.again({ name: content.name }), active: false }, null)],
      say.copyHereResting({ name: service.name }),
    );
    if (saved?.ids[0] !== undefined && isStillHere()) {
      await navigate(`/at/${business}/offer/services/${saved.ids[0]}`);
    }
  };
  return (
    <Button small onClick={() => void make()} aria-label={say.duplicateOne({ name: service.name })}>
      {say.duplicate}
    </Button>
  );
}

import type { Schemas } from '../lib/api';
import { clock, dateIn, moment } from '../lib/format';
import { useSetup } from '../setup/useSetup';
import { Button } from '../ui/Button';
import { WhyRows } from './WhyRows';
import * as say from '@words/board';

type Props = {
  business: string;
  fits: Schemas['DeskTimes'];
  zone: string;
  onAt: (instant: string) => void;
  onGo: (date: string) => void;
};

/** What fits beneath the sentence: of a start that was named whether it does, else all of the date; then the next. */
export function DeskFits({ business, fits, zone, onAt, onGo }: Props) {
  const { named } = fits;
  if (named?.offered === true) {
    return named.parts.length === 0 ? null : <Planned parts={named.parts} zone={zone} />;
  }
  const later = fits.soonest.map(({ at, staff }) => (
    <Button key={at} small onClick={() => onGo(dateIn(at, zone))}>
      {moment(at, zone)} <Takers staff={staff} />
    </Button>
  ));
  return (
    <div className="grid gap-2">
      {named !== null && named.restFails && <p className="text-sm">{say.restFails}</p>}
      {named !== null && !named.restFails && <WhyRows business={business} rows={named.rows} />}
      <p className="flex flex-wrap items-center gap-1.5">
        <span className="text-sm text-soft" role="status">
          {fits.starts.length === 0 ? say.nothingFits : say.thatDay}
        </span>
        {fits.starts.map(({ at, staff }) => (
          <Button key={at} small onClick={() => onAt(at)}>
            {clock(at, zone)} <Takers staff={staff} />
          </Button>
        ))}
        {later.length > 0 && <span className="text-sm text-soft">{say.soonestAfter}</span>}
        {later}
      </p>
    </div>
  );
}

/** "Ana", "Ana +2": with whom. */
function Takers({ staff }: { staff: readonly string[] }) {
  const { data } = useSetup();
  const names = [...new Set(staff)].map((id) => data?.staff.find((one) => one.id === id)?.name ?? '');
  const [first = ''] = names;
  return (
    <span className="text-sm text-soft" title={names.join(', ')}>
      {first.split(' ')[0]}
      {names.length > 1 && ` +${names.length - 1}`}
    </span>
  );
}

/** "10:00 Glazing, Bo Marsh": the parts of a visit in their place. */
function Planned({ parts, zone }: { parts: readonly Schemas['DeskPart'][]; zone: string }) {
  const { data } = useSetup();
  const named = (list: readonly { id: string; name: string }[] | undefined, id: string) =>
    list?.find((one) => one.id === id)?.name ?? '';
  return (
    <p className="flex flex-wrap gap-x-5 text-sm" role="status">
      {parts.map((part) => (
        <span key={part.at}>
          <b>{clock(part.at, zone)}</b> {named(data?.services, part.service)},{' '}
          {part.staff.map((id) => named(data?.staff, id)).join(', ')}
        </span>
      ))}
    </p>
  );
}

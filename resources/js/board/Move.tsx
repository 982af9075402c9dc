import { useState, type SubmitEvent } from 'react';
import type { Schemas } from '../lib/api';
import { clock, dateIn, moment } from '../lib/format';
import { readClock } from '../lib/clock';
import { useSetup } from '../setup/useSetup';
import { Alert } from '../ui/Alert';
import { Button } from '../ui/Button';
import { Check } from '../ui/Check';
import { ClockField } from '../ui/ClockField';
import { DateField } from '../ui/DateField';
import { noticeLook } from '../ui/Notice';
import { Select } from '../ui/Select';
import { Wrong } from '../ui/Wrong';
import { useMove } from './useMove';
import { WhyRows } from './WhyRows';
import * as say from '@words/board';

type Props = { business: string; card: Schemas['Card']; zone: string };

/** Another time, perhaps somebody else: typed, refused with what is near, and put back as easily. */
export function Move({ business, card, zone }: Props) {
  const [open, setOpen] = useState(false);
  const { before, busy, move, trouble, near, rows, failed } = useMove(business, card);
  if (!open) {
    return (
      <p className="flex flex-wrap items-center gap-2">
        <Button id="move-booking" small onClick={() => setOpen(true)}>
          {say.move}
        </Button>
        {before !== null && (
          <>
            <span role="status">{say.moved}</span>
            <Button id="put-back" small disabled={busy} onClick={() => void move(before)}>
              {say.putBack}
            </Button>
          </>
        )}
        {trouble !== null && <Wrong role="alert">{trouble}</Wrong>}
      </p>
    );
  }
  const close = () => setOpen(false);
  return (
    <Where
      business={business}
      card={card}
      zone={zone}
      rows={rows}
      failed={failed}
      busy={busy}
      trouble={trouble}
      near={near}
      onLeave={close}
      onMove={(body) => {
        void move(body).then((done) => (done ? close() : undefined));
      }}
    />
  );
}

type WhereProps = Props & {
  /** What stood in the way of what was tried last. */
  rows: readonly Schemas['WhyNotRow'][];
  failed: Schemas['MoveAsk'] | null;
  busy: boolean;
  trouble: string | null;
  near: readonly string[];
  onMove: (body: Schemas['MoveAsk']) => void;
  onLeave: () => void;
};

function Where({ business, card, zone, rows, failed, busy, trouble, near, onMove, onLeave }: WhereProps) {
  const { data, may } = useSetup();
  const [date, setDate] = useState(dateIn(card.start, zone));
  const [hour, setHour] = useState(readClock(clock(card.start, zone)) ?? '');
  const [staff, setStaff] = useState('');
  const [told, setTold] = useState(true);
  const [later, setLater] = useState(false);
  const whom = { told, later, ...(staff === '' ? {} : { staff: [staff] }) };
  const submit = (event: SubmitEvent) => {
    event.preventDefault();
    onMove({ ...whom, at: `${date}T${hour}` });
  };
  const people = (data?.staff ?? []).filter((one) => one.active).map((one) => [one.id, one.name] as const);
  return (
    <form className={`${noticeLook()} grid gap-2`} onSubmit={submit}>
      <DateField id="move-date" label={say.moveToDate} wrong={undefined} value={date} onValue={setDate} />
      <ClockField id="move-hour" label={say.moveToHour} wrong={undefined} value={hour} onValue={setHour} />
      <Select
        id="move-staff"
        label={say.moveToWhom}
        value={staff}
        options={[['', say.sameFirst], ...people]}
        onValue={setStaff}
      />
      <Check id="move-told" checked={told} onChange={setTold}>
        {say.tellThem}
      </Check>
      {card.laterOnes > 0 && (
        <Check id="move-later" checked={later} onChange={setLater}>
          {say.moveLater({ count: card.laterOnes })}
        </Check>
      )}
      <Alert says={trouble} />
      <WhyRows business={business} rows={rows} />
      {failed !== null && may('book-outside') && (
        <Button id="move-outside" small disabled={busy} onClick={() => onMove({ ...failed, ...whom, outside: true })}>
          {say.allTheSame}
        </Button>
      )}
      {near.length > 0 && (
        <p className="flex flex-wrap items-center gap-1.5">
          <span className="text-sm text-soft">{say.moveNear}</span>
          {near.map((start) => (
            <Button key={start} small disabled={busy} onClick={() => onMove({ ...whom, start })}>
              {moment(start, zone)}
            </Button>
          ))}
        </p>
      )}
      <p className="flex flex-wrap gap-2">
        <Button type="submit" id="move-it" kind="next" small disabled={busy}>
          {say.moveIt}
        </Button>
        <Button small onClick={onLeave}>
          {say.leave}
        </Button>
      </p>
    </form>
  );
}

import { useQuery } from '@tanstack/react-query';
import { useState, type SubmitEvent } from 'react';
import { readClock } from '../lib/clock';
import type { Schemas } from '../lib/api';
import { clock, dateIn, moment } from '../lib/format';
import { moveTried } from '../lib/queries';
import { useSetup } from '../setup/useSetup';
import { Alert } from '../ui/Alert';
import { Button } from '../ui/Button';
import { Check } from '../ui/Check';
import { ClockField } from '../ui/ClockField';
import { DateField } from '../ui/DateField';
import { noticeLook } from '../ui/Notice';
import { Select } from '../ui/Select';
import { useSettled } from '../ui/useSettled';
import { eachBack, eachFitting, eachOf, type Answers } from './later';
import { LaterList } from './LaterList';
import { TriedThere } from './TriedThere';
import * as say from '@words/board';

type Props = {
  business: string;
  card: Schemas['Card'];
  zone: string;
  busy: boolean;
  trouble: string | null;
  onMove: (body: Schemas['MoveAsk'], undo: Schemas['MoveAsk']) => void;
  onLeave: () => void;
};

/** ms somebody may go on typing before it is tried */
const WAIT = 150;

/** Where it is to go: what becomes of it there is said before it is moved, and what cannot be is not offered. */
export function MoveForm({ business, card, zone, busy, trouble, onMove, onLeave }: Props) {
  const { data: setup, may } = useSetup();
  const was = { date: dateIn(card.start, zone), hour: readClock(clock(card.start, zone)) ?? '' };
  const [{ date, hour }, setWhen] = useState(was);
  const [staff, setStaff] = useState('');
  const [told, setTold] = useState(true);
  const [outside, setOutside] = useState(false);
  const [later, setLater] = useState(false);
  const [answers, setAnswers] = useState<Answers>({});
  const isElsewhere = hour !== '' && (date !== was.date || hour !== was.hour || staff !== '');
  const to: Schemas['MoveAsk'] = {
    at: `${date}T${hour}`,
    ...(staff === '' ? {} : { staff: [staff] }),
    ...(outside ? { outside } : {}),
    ...(later ? { later, each: eachOf(answers) } : {}),
  };
  const asked = useSettled(to, WAIT);
  const isSettled = JSON.stringify(asked) === JSON.stringify(to);
  const { data, isPlaceholderData } = useQuery({ ...moveTried(business, card.id, asked), enabled: isElsewhere });
  const tried = isElsewhere ? data : undefined;
  const isReady = tried !== undefined && isSettled && !isPlaceholderData;
  const people = (setup?.staff ?? []).filter((one) => one.active);
  const names = new Map((setup?.staff ?? []).map((one) => [one.id, one.name]));
  const submit = (event: SubmitEvent) => {
    event.preventDefault();
    if (isReady && tried.fits) {
      const undo = { told, ...(later ? { later, each: eachBack(tried.later) } : {}) };
      onMove({ ...to, told, ...(later ? { each: eachFitting(answers, tried.later) } : {}) }, undo);
    }
  };
  return (
    <form className={`${noticeLook()} grid gap-2`} onSubmit={submit}>
      <DateField
        id="move-date"
        label={say.moveToDate}
        wrong={undefined}
        value={date}
        onValue={(next) => setWhen({ date: next, hour })}
      />
      <ClockField
        id="move-hour"
        label={say.moveToHour}
        wrong={undefined}
        value={hour}
        onValue={(next) => setWhen({ date, hour: next })}
      />
      <Select
        id="move-staff"
        label={say.moveToWhom}
        value={staff}
        options={[['', say.sameFirst], ...people.map((one) => [one.id, one.name] as const)]}
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
      {tried !== undefined && (
        <div className="grid gap-2" role="status">
          <TriedThere business={business} name="" tried={tried} names={names} zone={zone} currency={card.currency} />
          {later && (
            <LaterList later={tried.later} answers={answers} onAnswers={setAnswers} names={names} zone={zone} />
          )}
        </div>
      )}
      <Alert says={trouble} />
      {tried !== undefined && tried.near.length > 0 && (
        <p className="flex flex-wrap items-center gap-1.5">
          <span className="text-sm text-soft">{say.moveNear}</span>
          {tried.near.map((start) => (
            <Button
              key={start}
              small
              onClick={() => setWhen({ date: dateIn(start, zone), hour: readClock(clock(start, zone)) ?? '' })}
            >
              {moment(start, zone)}
            </Button>
          ))}
        </p>
      )}
      <p className="flex flex-wrap gap-2">
        <Button type="submit" id="move-it" kind="next" small disabled={busy || !isReady || !tried.fits}>
          {say.moveIt}
        </Button>
        {isReady && !tried.fits && !outside && may('book-outside') && (
          <Button id="move-outside" small onClick={() => setOutside(true)}>
            {say.allTheSame}
          </Button>
        )}
        <Button small onClick={onLeave}>
          {say.leave}
        </Button>
      </p>
    </form>
  );
}

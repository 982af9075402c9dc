import { useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import { api, asSeen, type Schemas } from '../lib/api';
import { listed, moment } from '../lib/format';
import { otherTimes } from '../lib/queries';
import { Alert } from '../ui/Alert';
import { Button } from '../ui/Button';
import { Check } from '../ui/Check';
import { useCardAct } from './useCardAct';
import * as say from '@words/board';

type Props = { business: string; card: Schemas['Card']; zone: string; why: string; onDone: () => void };

/** As many times as a client can weigh. */
const MOST = 3;

/** Other times for somebody who waits for an answer: those that are ticked are mailed, each with its link. */
export function Suggest({ business, card, zone, why, onDone }: Props) {
  const { id } = card;
  const { data } = useQuery(otherTimes(business, id));
  const [chosen, setChosen] = useState<readonly Schemas['OtherTime'][]>([]);
  const { busy, trouble, act } = useCardAct(business, id);
  const send = async () => {
    const times = chosen.map(({ start, staff }) => ({ start, staff }));
    const body = { params: { path: { business, id } }, ...asSeen(card), body: { times, why } };
    if (await act(api.POST('/api/businesses/{business}/bookings/{id}/suggest', body))) {
      onDone();
    }
  };
  return (
    <div className="grid gap-1" role="group" aria-label={say.anotherTime}>
      {data?.times.length === 0 && <p>{say.nothingFits}</p>}
      {data?.times.map((time) => (
        <Check
          key={`${time.start} ${time.staff.join()}`}
          id={`suggest-${time.start}-${time.staff.join()}`}
          checked={chosen.includes(time)}
          onChange={(on) => setChosen(on ? [...chosen, time].slice(-MOST) : chosen.filter((one) => one !== time))}
        >
          {say.timeWith({ at: moment(time.start, zone), who: listed(time.names) })}
        </Check>
      ))}
      <Alert says={trouble} />
      <p className="flex gap-2">
        <Button
          id="send-suggestion"
          kind="next"
          small
          disabled={busy || chosen.length === 0}
          onClick={() => void send()}
        >
          {say.suggestThem({ count: chosen.length })}
        </Button>
        <Button small onClick={onDone}>
          {say.leave}
        </Button>
      </p>
    </div>
  );
}

import { useState } from 'react';
import { api, asSeen, type Schemas } from '../lib/api';
import { moment, money } from '../lib/format';
import { Alert } from '../ui/Alert';
import { Button } from '../ui/Button';
import { inputLook } from '../ui/inputLook';
import { Notice } from '../ui/Notice';
import { Suggest } from './Suggest';
import { useCardAct } from './useCardAct';
import * as say from '@words/board';

type Props = {
  business: string;
  card: Schemas['Card'];
  zone: string;
  /** Instant until when the client was told that they are answered. */
  answerBy: string;
  /** Instants that wait for the client's answer. */
  suggested: readonly string[];
};

/** Yes, no or another time to a booking that waits for an answer. */
export function Decide({ business, card, zone, answerBy, suggested }: Props) {
  const { id } = card;
  const [why, setWhy] = useState('');
  const [suggests, setSuggests] = useState(false);
  const { busy, trouble, act } = useCardAct(business, id);
  const answer = (accept: boolean) =>
    void act(
      api.POST('/api/businesses/{business}/bookings/{id}/answer', {
        params: { path: { business, id } },
        ...asSeen(card),
        body: { accept, why },
      }),
    );
  return (
    <Notice as="div" className="grid gap-2">
      <label htmlFor="answer-why" className="font-semibold">
        {say.waitsForAnswer({ by: moment(answerBy, zone) })}
      </label>
      <input
        id="answer-why"
        className={inputLook()}
        maxLength={300}
        value={why}
        onChange={(event) => setWhy(event.target.value)}
      />
      {card.lowersEarlier > 0 && (
        <p className="text-sm">{say.deskEarlier({ amount: money(card.lowersEarlier, card.currency) })}</p>
      )}
      <Alert says={trouble} />
      <p className="flex flex-wrap gap-2">
        <Button id="accept" kind="next" small disabled={busy} onClick={() => answer(true)}>
          {say.yesBook}
        </Button>
        <Button id="decline" small disabled={busy} onClick={() => answer(false)}>
          {say.decline}
        </Button>
        {!suggests && (
          <Button id="another-time" small onClick={() => setSuggests(true)}>
            {say.anotherTime}
          </Button>
        )}
      </p>
      {suggested.length > 0 && (
        <p className="text-sm">{say.suggested({ times: suggested.map((at) => moment(at, zone)).join(', ') })}</p>
      )}
      {suggests && <Suggest business={business} card={card} zone={zone} why={why} onDone={() => setSuggests(false)} />}
    </Notice>
  );
}

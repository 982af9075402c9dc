import { useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { api, asSeen, type Schemas } from '../lib/api';
import { Alert } from '../ui/Alert';
import { Button } from '../ui/Button';
import { useKey } from '../ui/useKey';
import { useSetup } from '../setup/useSetup';
import { wordOf } from '../language/wordOf';
import { showProgressAtOnce } from './showProgressAtOnce';
import { Missed } from './Missed';
import { useCardAct } from './useCardAct';
import * as say from '@words/board';

type Props = { business: string; card: Schemas['Card'] };

/** How far a visit is: one press for what comes next, and one to undo what was said last. */
export function Course({ business, card }: Props) {
  const { may } = useSetup();
  const queries = useQueryClient();
  const [missing, setMissing] = useState(false);
  const { busy, trouble, act } = useCardAct(business, card.id);
  const path = { params: { path: { business, id: card.id } } };
  const record = (state: Schemas['VisitProgress']['state'], undo: boolean) => {
    if (!undo) {
      showProgressAtOnce(queries, business, card.id, state);
    }
    void act(
      api.POST('/api/businesses/{business}/bookings/{id}/course', { ...path, ...asSeen(card), body: { state, undo } }),
    );
  };
  useKey('n', () => {
    const [next] = card.steps;
    if (next !== undefined && !busy && may('mark-visits')) {
      record(next, false);
    }
  });
  const undoes = isStep(card.undoes) ? card.undoes : null;
  const misses = card.mayMiss && may('change-bookings');
  if (!may('mark-visits') || (card.steps.length === 0 && undoes === null && !misses)) {
    return null;
  }
  return (
    <div className="grid gap-2">
      <p className="flex flex-wrap gap-2" role="group" aria-label={say.course}>
        {card.steps.map((step, i) => (
          <Button
            key={step}
            id={`step-${step}`}
            small
            {...(i === 0 ? { kind: 'next' as const } : {})}
            disabled={busy}
            onClick={() => record(step, false)}
          >
            {say.steps[step]}
          </Button>
        ))}
        {misses && (
          <Button id="did-not-come" small aria-expanded={missing} onClick={() => setMissing(!missing)}>
            {say.didNotCome}
          </Button>
        )}
        {undoes !== null && (
          <Button id="undo-step" small disabled={busy} onClick={() => record(undoes, true)}>
            {say.undoProgress({ state: wordOf(say.states, undoes) })}
          </Button>
        )}
      </p>
      <Alert says={trouble} />
      {misses && missing && <Missed business={business} card={card} onLeave={() => setMissing(false)} />}
    </div>
  );
}

const STEPS = ['arrived', 'started', 'completed'] as const;

const isStep = (state: string | null): state is (typeof STEPS)[number] => STEPS.some((one) => one === state);

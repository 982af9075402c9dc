import type { ReactNode } from 'react';
import type { Schemas } from '../lib/api';
import { Alert } from '../ui/Alert';
import { Button } from '../ui/Button';
import { noticeLook } from '../ui/Notice';
import type { useGivingUp } from './useGivingUp';
import * as say from '@words/board';

type Props = {
  id: string;
  /** What it would do, and doing it. */
  giving: ReturnType<typeof useGivingUp>;
  does: string;
  onLeave: () => void;
  /** Once it is done. */
  onDone?: (card: Schemas['Card']) => void;
  children: ReactNode;
  /** What does not change what it does to the money: who is told. */
  besides?: ReactNode;
};

/** A question about a booking and its money: what it does to it stands above the button that does it. */
export function Effect({ id, giving, does, onLeave, onDone, children, besides }: Props) {
  const { effect, isReady, trouble, press } = giving;
  const submit = async () => {
    const card = isReady ? await press() : null;
    if (card !== null) {
      onLeave();
      onDone?.(card);
    }
  };
  return (
    <form
      className={`${noticeLook('trouble')} grid gap-1.5`}
      onSubmit={(event) => {
        event.preventDefault();
        void submit();
      }}
    >
      {children}
      <p id={`${id}-effect`} role="status" className="font-semibold" aria-busy={!isReady}>
        {effect === undefined ? say.lookingAtMoney : effect.says.join(' ')}
      </p>
      {besides}
      <Alert says={trouble} />
      <p className="flex flex-wrap gap-2">
        <Button type="submit" id={id} kind="trouble" small disabled={!isReady} aria-describedby={`${id}-effect`}>
          {does}
        </Button>
        <Button small onClick={onLeave}>
          {say.leave}
        </Button>
      </p>
    </form>
  );
}

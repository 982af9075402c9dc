import { useState } from 'react';
import type { Schemas } from '../lib/api';
import { Button } from '../ui/Button';
import { Wrong } from '../ui/Wrong';
import { MoveForm } from './MoveForm';
import { useMove } from './useMove';
import * as say from '@words/board';

type Props = { business: string; card: Schemas['Card']; zone: string };

/** Another time, perhaps somebody else: tried while it is typed, and put back as easily. */
export function Move({ business, card, zone }: Props) {
  const [open, setOpen] = useState(false);
  const { back, busy, move, trouble, forget } = useMove(business, card);
  if (!open) {
    return (
      <p className="flex flex-wrap items-center gap-2">
        <Button id="move-booking" small onClick={() => setOpen(true)}>
          {say.move}
        </Button>
        {back !== null && (
          <>
            <span role="status">{say.moved}</span>
            <Button id="put-back" small disabled={busy} onClick={() => void move(back)}>
              {say.putBack}
            </Button>
          </>
        )}
        {trouble !== null && <Wrong role="alert">{trouble}</Wrong>}
      </p>
    );
  }
  return (
    <MoveForm
      business={business}
      card={card}
      zone={zone}
      busy={busy}
      trouble={trouble}
      onLeave={() => {
        forget();
        setOpen(false);
      }}
      onMove={(body, undo) => {
        void move(body, undo).then((done) => (done ? setOpen(false) : undefined));
      }}
    />
  );
}

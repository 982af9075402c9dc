import { useState } from 'react';
import type { Schemas } from '../lib/api';
import { Button } from '../ui/Button';
import { SmallNumber } from '../ui/SmallNumber';
import * as say from '@words/board';

type Props = { card: Schemas['Card']; onAgain: (card: Schemas['Card'], weeks: number) => void };

/** The same once more, so many weeks later: the desk's sentence is filled in, and waits for its hour to be taken. */
export function BookAgain({ card, onAgain }: Props) {
  const [weeks, setWeeks] = useState(1);
  return (
    <p className="flex flex-wrap items-center gap-2">
      <Button id="book-again" small onClick={() => onAgain(card, weeks)}>
        {say.bookAgain}
      </Button>
      <label className="flex items-center gap-1.5 text-sm">
        <SmallNumber id="again-weeks" min={0} max={104} value={weeks} onValue={setWeeks} />
        {say.weeksLater}
      </label>
    </p>
  );
}

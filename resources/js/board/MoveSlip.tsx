import { useEffect, useRef } from 'react';
import type { Schemas } from '../lib/api';
import { moment } from '../lib/format';
import { Alert } from '../ui/Alert';
import { Button } from '../ui/Button';
import { Check } from '../ui/Check';
import { LaterList } from './LaterList';
import { TriedThere } from './TriedThere';
import type { MovingState } from './useMoving';
import * as say from '@words/board';

type Props = {
  board: Schemas['Board'];
  name: string;
  moving: MovingState;
  names: ReadonlyMap<string, string>;
  mayOutside: boolean;
};

/** Beside a tag that hangs elsewhere: what it costs there and who is told, or what stands in the way. */
export function MoveSlip({ board, name, moving, names, mayOutside }: Props) {
  const { tried, busy, trouble, isDropped } = moving;
  const first = useRef<HTMLButtonElement>(null);
  const isReady = isDropped && tried !== undefined;
  useEffect(() => {
    if (isReady) {
      first.current?.focus();
    }
  }, [isReady]);
  const zone = board.business.timeZone;
  if (tried === undefined) {
    return null;
  }
  return (
    <section
      className="move-slip"
      aria-label={say.move}
      onKeyDown={(event) => (event.key === 'Escape' ? moving.leave() : undefined)}
    >
      <TriedThere
        business={board.business.slug}
        name={name}
        tried={tried}
        names={names}
        zone={zone}
        currency={board.business.currency}
      />
      {!tried.fits && moving.outside && <p className="text-sm text-soft">{say.othersInTheWay}</p>}
      <Alert says={trouble} />
      {isDropped && (
        <>
          <Check id="slip-told" checked={moving.told} onChange={moving.setTold}>
            {say.tellThem}
          </Check>
          {tried.laterOnes > 0 && (
            <Check id="slip-later" checked={moving.later} onChange={moving.setLater}>
              {say.moveLater({ count: tried.laterOnes })}
            </Check>
          )}
          {tried.later.length > 0 && (
            <LaterList
              later={tried.later}
              answers={moving.answers}
              onAnswers={moving.setAnswers}
              names={names}
              zone={zone}
            />
          )}
          <p className="flex flex-wrap gap-2">
            {tried.fits && (
              <Button id="slip-move" ref={first} kind="next" small disabled={busy} onClick={() => void moving.move()}>
                {say.moveIt}
              </Button>
            )}
            {!tried.fits && mayOutside && !moving.outside && (
              <Button id="slip-outside" small disabled={busy} onClick={() => moving.setOutside(true)}>
                {say.allTheSame}
              </Button>
            )}
            {tried.near.map((start) => (
              <Button key={start} small disabled={busy} onClick={() => moving.goTo(start)}>
                {moment(start, zone)}
              </Button>
            ))}
            <Button id="slip-leave" ref={tried.fits ? undefined : first} small onClick={moving.leave}>
              {say.leaveWhereItWas}
            </Button>
          </p>
        </>
      )}
    </section>
  );
}

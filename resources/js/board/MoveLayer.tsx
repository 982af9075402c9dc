import { useImperativeHandle, useRef, useState, type Ref } from 'react';
import type { Schemas } from '../lib/api';
import { useSetup } from '../setup/useSetup';
import { Ghost, type GhostHandle } from './Ghost';
import type { LanesBy, Lifted, Spot } from './lift';
import { MoveSlip } from './MoveSlip';
import type { Scale } from './ruler';
import type { Dropped } from './useLift';
import { useMoving } from './useMoving';
import { useNames } from '../ui/useNames';

/** ms a tag hangs still before it is asked what it would cost there, or what stands in the way */
const STILL = 180;

type Props = {
  ref: Ref<GhostHandle>;
  board: Schemas['Board'];
  by: LanesBy;
  scale: Scale;
  lifted: Lifted | null;
  dropped: Dropped | null;
  double: boolean;
  onLeave: () => void;
};

/** Over the lanes: the tag that is up, and what that would mean. It is drawn anew by itself, not the lanes. */
export function MoveLayer({ ref, board, by, scale, lifted, dropped, double, onLeave }: Props) {
  const { data, may } = useSetup();
  const { shown } = useNames();
  const ghost = useRef<GhostHandle>(null);
  const timer = useRef(0);
  const [settled, setSettled] = useState<Spot | null>(null);
  useImperativeHandle(ref, () => ({
    put: (spot) => {
      ghost.current?.put(spot);
      window.clearTimeout(timer.current);
      timer.current = window.setTimeout(() => setSettled(spot), STILL);
    },
  }));
  const { slug: business, timeZone: zone } = board.business;
  const moving = useMoving({ business, zone, by, lifted, dropped, settled, double, onLeave });
  const tag = moving.lifted?.tag;
  const name = tag?.client == null ? (tag?.service ?? '') : shown(tag.client);
  return (
    <>
      <Ghost ref={ghost} isUp={tag !== undefined && dropped?.date == null} scale={scale} zone={zone} name={name} />
      {tag !== undefined && (
        <MoveSlip
          board={board}
          name={name}
          moving={moving}
          names={new Map((data?.staff ?? []).map((one) => [one.id, one.name]))}
          mayOutside={may('book-outside')}
        />
      )}
    </>
  );
}

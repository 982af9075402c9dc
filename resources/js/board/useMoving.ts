import { useQuery, useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { api, refusalOf, unwrap, type Schemas } from '../lib/api';
import { moveTried } from '../lib/queries';
import { useNotices } from '../ui/Notices';
import { clockIn } from './DeskSentence';
import { written } from './ruler';
import type { LanesBy, Lifted, Spot } from './lift';
import type { Dropped } from './useLift';
import * as say from '@words/board';

type Asked = {
  business: string;
  zone: string;
  by: LanesBy;
  /** The tag that is up, where it hangs still, and the one that was put down. */
  lifted: Lifted | null;
  settled: Spot | null;
  dropped: Dropped | null;
  /** Whether it may lie over others. */
  double: boolean;
  onLeave: () => void;
};

/** What becomes of a tag that is up or was put down elsewhere: asked while it hangs there, done when that is said. */
export function useMoving({ business, zone, by, lifted: up, dropped, settled, double, onLeave }: Asked) {
  const queries = useQueryClient();
  const notices = useNotices();
  const [told, setTold] = useState(true);
  const [outside, setOutside] = useState(false);
  const [later, setLater] = useState(false);
  const [busy, setBusy] = useState(false);
  const [trouble, setTrouble] = useState<string | null>(null);
  const lifted = dropped?.lifted ?? up;
  const spot = dropped?.spot ?? settled;
  const asked = lifted === null || spot === null ? null : bodyOf();
  const { data, isPlaceholderData } = useQuery({
    ...moveTried(business, lifted?.tag.id ?? '', asked ?? {}),
    enabled: asked !== null && (dropped !== null || isElsewhere()),
  });
  const leave = () => {
    setOutside(false);
    setLater(false);
    setTrouble(null);
    onLeave();
  };
  const post = async (id: string, body: Schemas['MoveAsk']) => {
    const params = { path: { business, id } };
    await unwrap(api.POST('/api/businesses/{business}/bookings/{id}/move', { params, body }));
    await Promise.all(
      ['board', 'ribbon', 'card'].map((key) => queries.invalidateQueries({ queryKey: [key, business] })),
    );
  };
  const move = async (to: Schemas['MoveAsk'] | null = asked) => {
    if (lifted === null || to === null) {
      return;
    }
    const { tag, from } = lifted;
    const place = by === 'places' ? { location: from.lane } : {};
    const back = { start: tag.start, staff: tag.staff, minutes: from.length / 60_000, told, ...place };
    setBusy(true);
    setTrouble(null);
    try {
      await post(tag.id, { ...to, told, later });
      notices.say(
        say.moved,
        () => void post(tag.id, { ...back, later }).catch((wrong: unknown) => notices.say(refusalOf(wrong).message)),
      );
      leave();
    } catch (wrong) {
      setTrouble(refusalOf(wrong).message);
    } finally {
      setBusy(false);
    }
  };

  function bodyOf(): Schemas['MoveAsk'] | null {
    if (lifted === null || spot === null) {
      return null;
    }
    const date = dropped?.date ?? null;
    const at = written(spot.start);
    const when = date === null ? { start: at } : { at: `${date}T${clockIn(at, zone)}` };
    const takers = by === 'people' && lifted.tag.staff.length === 1 ? [spot.lane] : lifted.tag.staff;
    return {
      ...when,
      ...(by === 'places' && spot.lane !== lifted.from.lane ? { location: spot.lane } : { staff: takers }),
      ...(spot.length === lifted.from.length ? {} : { minutes: spot.length / 60_000 }),
      ...(outside ? { outside } : {}),
      ...(double ? { double } : {}),
    };
  }

  function isElsewhere(): boolean {
    return JSON.stringify(spot) !== JSON.stringify(lifted?.from);
  }

  return {
    lifted,
    // while it is up the last answer stays in sight; put down, only the answer for where it hangs counts
    tried: asked === null || (dropped !== null && isPlaceholderData) ? undefined : data,
    isDropped: dropped !== null,
    told,
    setTold,
    outside,
    setOutside,
    later,
    setLater,
    busy,
    trouble,
    move: () => move(),
    goTo: (start: string) => void move({ ...asked, at: null, start }),
    leave,
  };
}

export type MovingState = ReturnType<typeof useMoving>;

import { useQuery, useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { api, asSeen, refusalOf, unwrap, type Schemas } from '../lib/api';
import { moment } from '../lib/format';
import { moveTried } from '../lib/queries';
import { outdated } from '../lib/outdated';
import { UNDO_MS, useNotices } from '../ui/Notices';
import { useNames } from '../ui/useNames';
import { clockIn } from './DeskSentence';
import { written } from './ruler';
import { eachBack, eachFitting, eachOf, type Answers } from './later';
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
  const { shown } = useNames();
  const [told, setTold] = useState(true);
  const [outside, setOutside] = useState(false);
  const [later, setLater] = useState(false);
  const [answers, setAnswers] = useState<Answers>({});
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
    setAnswers({});
    setTrouble(null);
    onLeave();
  };
  const post = async (id: string, body: Schemas['MoveAsk'], seen?: Schemas['Card']) => {
    const send = { params: { path: { business, id } }, ...(seen === undefined ? {} : asSeen(seen)), body };
    const card = await unwrap(api.POST('/api/businesses/{business}/bookings/{id}/move', send));
    void outdated(queries, 'booking', business);
    return card;
  };
  /** Back to where it was, if it is still where this put it. */
  const putBack = async (moved: Schemas['Card'], back: Schemas['MoveAsk']) => {
    try {
      const card = await post(moved.id, back, moved);
      notices.say(say.putBackAt(said(card)));
    } catch (wrong) {
      notices.say(refusalOf(wrong).message);
    }
  };
  const said = (card: Schemas['Card']) => ({
    who: card.client === null ? card.service : shown(card.client.name),
    when: moment(card.start, zone),
  });
  const move = async (to: Schemas['MoveAsk'] | null = asked) => {
    if (lifted === null || to === null) {
      return;
    }
    const { tag, from } = lifted;
    const place = by === 'places' ? { location: from.lane } : {};
    const back = { start: tag.start, staff: tag.staff, minutes: from.length / 60_000, told, ...place };
    setBusy(true);
    setTrouble(null);
    notices.clear();
    try {
      const others = data?.later ?? [];
      const each = eachFitting(answers, others);
      const moved = await post(tag.id, { ...to, told, later, each, was: tag.start });
      const undo = { ...back, later, each: eachBack(others) };
      notices.say(say.movedTo(said(moved)), () => void putBack(moved, undo), UNDO_MS);
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
      ...(later ? { later, each: eachOf(answers) } : {}),
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
    answers,
    setAnswers,
    busy,
    trouble,
    move: () => move(),
    goTo: (start: string) => void move({ ...asked, at: null, start }),
    leave,
  };
}

export type MovingState = ReturnType<typeof useMoving>;

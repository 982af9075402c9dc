import { useQuery } from '@tanstack/react-query';
import { useEffect, useRef, useState } from 'react';
import type { Schemas } from '../lib/api';
import { moveTimes } from '../lib/queries';
import { aimOf, bandsOf, isOverLanes, type Band } from './aim';
import { crosses, pulled, snapped, spotOf, startsOf, type LanesBy, type Lifted, type Spot } from './lift';
import type { Scale } from './ruler';
import { useArrows } from './useArrows';
import { useDragging } from './useDragging';
import { useGrip } from './useGrip';

/** ms around a start within which a tag falls onto it, and a length onto one that it may have. */
const REACH = 600_000;

/** A tag that was put down: on a lane, or with its hour on another date. */
export type Dropped = { lifted: Lifted; spot: Spot; date: string | null };

/**
 * Tags that are lifted and put down elsewhere, by mouse, finger or keys. While one is up only its ghost moves, by what
 * `onSpot` does: nothing else of the Board is drawn anew.
 */
export function useLift(business: string, date: string, by: LanesBy, scale: Scale, onSpot: (spot: Spot) => void) {
  const [lifted, setLifted] = useState<Lifted | null>(null);
  const [dropped, setDropped] = useState<Dropped | null>(null);
  const spot = useRef<Spot | null>(null);
  const bands = useRef<Band[]>([]);
  const { data } = useQuery({ ...moveTimes(business, lifted?.tag.id ?? '', date), enabled: lifted !== null });
  const starts = data?.starts ?? [];
  const lengths = (data?.lengths ?? []).map((minutes) => minutes * 60_000);
  const isUp = lifted !== null;
  useEffect(() => {
    if (!isUp) {
      return;
    }
    const measure = () => {
      bands.current = bandsOf();
    };
    window.addEventListener('scroll', measure, true);
    return () => window.removeEventListener('scroll', measure, true);
  }, [isUp]);
  const put = (next: Spot) => {
    spot.current = next;
    onSpot(next);
  };
  const lift = (tag: Schemas['Tag'], lane: string, kind: Lifted['kind'], grabbed = 0) => {
    bands.current = bandsOf();
    const from = spotOf(tag, lane);
    setDropped(null);
    setLifted({ tag, kind, from, grabbed });
    put(from);
  };
  const leave = () => {
    setLifted(null);
    setDropped(null);
  };
  const drop = (to: Spot, day: string | null) => {
    if (lifted !== null) {
      const stays = day === null && JSON.stringify(to) === JSON.stringify(lifted.from);
      setDropped(stays ? null : { lifted, spot: to, date: day });
      setLifted(null);
    }
  };
  const aim = (x: number, y: number): Spot | null => {
    const aimed = lifted === null || !isOverLanes(y) ? null : aimOf(bands.current, scale, x, y);
    if (lifted === null || aimed === null) {
      return null;
    }
    if (lifted.kind === 'length') {
      return { ...lifted.from, length: pulled(aimed.at - lifted.grabbed - lifted.from.start, lengths, REACH) };
    }
    const lane = crosses(lifted.tag, by) ? aimed.lane : lifted.from.lane;
    return { ...lifted.from, lane, start: snapped(aimed.at - lifted.grabbed, startsOf(starts, lane, by), REACH) };
  };
  useDragging({ lifted, aim, put, drop, leave });
  useArrows({ lifted, by, spot, starts, lengths, bands, put, drop, leave });
  return { lifted, dropped, starts, press: useGrip(scale, lift), lift, leave };
}

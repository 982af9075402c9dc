import { dateIn, longDate, moment } from '../lib/format';
import { Notice } from '../ui/Notice';
import type { Start, Times } from './types';
import * as say from '@words/gate';

type Props = {
  times: Times;
  zone: string;
  home: string;
  onPick: (start: Start) => void;
  onDay: (date: string) => void;
};

/** What can be had soonest; where these two weeks have nothing, the next day that has. */
export function Soonest({ times, zone, home, onPick, onDay }: Props) {
  const { next, soonest } = times;
  return (
    <Notice as="div" tone="good" className="flex flex-wrap items-center gap-x-4 gap-y-1" id="soonest">
      <span>{soonest.length > 0 ? say.soonest : next === null ? say.nothingFreeInTime : say.nextFreeDay}</span>
      {soonest.map((start) => (
        <button
          key={start.at}
          type="button"
          className="min-h-11 font-bold underline underline-offset-4"
          onClick={() => onPick(start)}
        >
          {moment(start.at, zone)}
        </button>
      ))}
      {next !== null && (
        <button
          type="button"
          id="next-free"
          className="min-h-11 font-bold underline underline-offset-4"
          onClick={() => onDay(dateIn(next, home))}
        >
          {longDate(dateIn(next, home))}
        </button>
      )}
    </Notice>
  );
}

import type { Schemas } from '../lib/api';
import { dateRange, longDate, money, shortDuration } from '../lib/format';
import { Button } from '../ui/Button';
import * as say from '@words/board';

type Props = {
  board: Schemas['Board'];
  /** What books; null where somebody may not, or does so already. */
  onBook: (() => void) | null;
};

/** Which day or week it is, what it comes to, and the way to others. */
export function BoardHead({ board, onBook }: Props) {
  const days = board.week.length > 0 ? board.week : [board];
  const free = days.flatMap((day) => day.lanes).reduce((sum, lane) => sum + lane.freeMinutes, 0);
  const last = days.at(-1) ?? board;
  const title = board.week.length > 0 ? dateRange(days[0]?.date ?? board.date, last.date) : longDate(board.date);
  return (
    <div className="min-w-72">
      <div className="flex flex-wrap items-center gap-x-4 gap-y-1">
        <h1 className="text-3xl">{title}</h1>
        {onBook !== null && (
          <Button id="book-somebody" kind="next" small aria-label={say.bookSomebody} onClick={onBook}>
            {say.book}
          </Button>
        )}
      </div>
      <p className="text-soft">
        {say.daySum({
          bookings: board.takings.bookings,
          open: last.date >= board.today && free > 0 ? shortDuration(free) : 'none',
          total: money(board.takings.total, board.business.currency),
          due: board.takings.due > 0 ? money(board.takings.due, board.business.currency) : 'none',
        })}
      </p>
    </div>
  );
}

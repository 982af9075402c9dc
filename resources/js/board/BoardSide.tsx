import type { Schemas } from '../lib/api';
import { BookingCard } from './BookingCard';
import { ComingUp } from './ComingUp';
import { DrawnCard } from './DrawnCard';
import { GroupCard } from './GroupCard';
import { OffCard } from './OffCard';
import type { Drawing } from './useDrawn';

type Props = {
  board: Schemas['Board'];
  now: string;
  /** A booking's, or that of a tag of many. */
  chosen: string | null;
  drawing: Drawing;
  /** Whether the chosen one is one person of a group. */
  ofGroup: boolean;
  onChoose: (id: string | null) => void;
  onPerson: (id: string, group: string) => void;
  onJoin: ((tag: Schemas['Tag']) => void) | undefined;
  onAgain: ((card: Schemas['Card'], weeks: number) => void) | undefined;
};

/** Beside the lanes: the card of what is chosen, else what comes next. */
export function BoardSide({ board, now, chosen, drawing, ofGroup, onChoose, onPerson, onJoin, onAgain }: Props) {
  const tags = [board, ...board.week].flatMap((day) => day.tags);
  const leave = () => drawing.leave(drawing.slip);
  const group = ofGroup ? undefined : tags.find((tag) => tag.id === chosen && tag.places !== null);
  return (
    <div className="board-side">
      <div>
        {drawing.off !== null && chosen === null ? (
          <OffCard key={drawing.slip} board={board} staff={drawing.off.staff} from={drawing.off.from} onClose={leave} />
        ) : drawing.drawn !== null ? (
          <DrawnCard key={drawing.slip} board={board} drawn={drawing.drawn} onDrawn={drawing.draw} onClose={leave} />
        ) : chosen === null ? (
          <ComingUp board={board} now={now} onChoose={onChoose} />
        ) : group !== undefined ? (
          <GroupCard
            key={group.id}
            board={board}
            tag={group}
            onChoose={(id) => onPerson(id, group.id)}
            onJoin={onJoin}
            onClose={() => onChoose(null)}
          />
        ) : (
          <BookingCard
            key={chosen}
            business={board.business.slug}
            id={chosen}
            zone={board.business.timeZone}
            onAgain={onAgain}
            onClose={() => onChoose(null)}
          />
        )}
      </div>
    </div>
  );
}

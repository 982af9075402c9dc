import { useParams, useSearchParams } from 'react-router';
import type { Schemas } from '../lib/api';
import { addDays, dateIn } from '../lib/format';
import { Notice } from '../ui/Notice';
import { BoardFoot } from './BoardFoot';
import { BoardHead } from './BoardHead';
import { BoardSide } from './BoardSide';
import { BoardTools } from './BoardTools';
import { DayTable } from './DayTable';
import { DayPrint } from './DayPrint';
import { clockIn, DeskSentence } from './DeskSentence';
import { Lanes } from './Lanes';
import { Ribbon } from './Ribbon';
import { useBoard } from './useBoard';
import { useDesk } from './useDesk';
import { useDoubling } from './useDoubling';
import { useDrawn } from './useDrawn';
import { useKey } from '../ui/useKey';
import { useLooking } from './useLooking';
import { useSetup } from '../setup/useSetup';
import { Week } from './Week';
import * as say from '@words/board';
import './Board.css';

/** The day or its week: lanes, tags, the rope of now; new bookings appear by themselves. */
export function Board() {
  const business = useParams()['business'] ?? '';
  const [search, setSearch] = useSearchParams();
  const date = search.get('date');
  const chosen = search.get('booking');
  const { looking, look, form, draw } = useLooking(business);
  const { board, error, ribbon, now, isCutOff } = useBoard(business, date, looking);
  const day = board?.date ?? '';
  const go = (to: string) => setSearch({ date: to });
  const choose = (id: string | null) =>
    setSearch({ ...(date === null ? {} : { date }), ...(id === null ? {} : { booking: id }) });
  const desk = useDesk(business, day, (id) => setSearch({ date: day, booking: id }));
  const { may } = useSetup();
  const books = may('change-bookings');
  const doubling = useDoubling();
  const drawing = useDrawn(board?.business.timeZone ?? 'UTC', () => choose(null));
  const draws = may('change-setup') || may('change-own-hours');
  useKey('b', () => (books ? desk.begin() : undefined));

  if (error !== null && board === undefined) {
    return (
      <Notice tone="trouble" className="m-5" role="alert">
        {error.message}
      </Notice>
    );
  }
  if (board === undefined) {
    return (
      <p className="p-5" role="status">
        {say.fetchingDay}
      </p>
    );
  }
  const zone = board.business.timeZone;
  const begin = (lane: string, instant: string) => {
    if (books) {
      const pressed = dateIn(instant, zone);
      desk.begin({ at: clockIn(instant, zone), ...(looking.lanes === 'people' ? { staff: lane } : {}) });
      if (pressed !== board.date) {
        go(pressed);
      }
    }
  };
  const again = (card: Schemas['Card'], weeks: number) => {
    desk.beginAgain(card, zone);
    go(addDays(dateIn(card.start, zone), 7 * weeks));
  };
  const shared = {
    board,
    now,
    chosen,
    onChoose: choose,
    fits: desk.fits?.starts ?? [],
    named: desk.named?.at ?? null,
    onStart: begin,
  };
  const openDay = (to: string) => {
    look({ span: 'day' });
    go(to);
  };
  return (
    <main className="board flex flex-1 flex-col gap-3 px-5 py-4" data-doubling={doubling.on}>
      {isCutOff && (
        <Notice tone="trouble" id="cut-off" role="status">
          {say.cutOff}
        </Notice>
      )}
      <div className="flex items-end justify-between gap-x-6 gap-y-3 max-lg:flex-wrap">
        <BoardHead board={board} onBook={books && desk.draft === null ? () => desk.begin() : null} />
        <Ribbon days={ribbon} today={board.today} shown={date ?? board.date} onGo={go} />
      </div>
      {desk.draft !== null && (
        <DeskSentence board={board} desk={desk} draft={desk.draft} double={doubling.on} onGo={go} />
      )}
      <div className="board-columns grid min-h-0 flex-1 gap-5">
        {form === 'table' ? (
          <DayTable board={board} now={now} onChoose={choose} />
        ) : board.week.length > 0 ? (
          <Week {...shared} onDay={openDay} />
        ) : (
          <Lanes
            {...shared}
            by={looking.lanes}
            moves={books}
            double={doubling.on}
            onStroke={draws && looking.lanes === 'people' ? drawing.stroke : null}
            onOff={may('change-setup') ? drawing.showOff : undefined}
          />
        )}
        <BoardSide
          board={board}
          now={now}
          chosen={chosen}
          drawing={drawing}
          ofGroup={search.get('of') !== null}
          onChoose={choose}
          onJoin={books ? (tag) => desk.beginWith(tag, zone) : undefined}
          onAgain={books ? again : undefined}
          onPerson={(id, group) => setSearch({ date: board.date, booking: id, of: group })}
        />
      </div>
      <BoardFoot board={board} shown={date ?? board.date} onGo={go}>
        <BoardTools
          doubling={doubling}
          looking={looking}
          onLook={look}
          form={form}
          onForm={draw}
          onDraw={draws ? drawing.begin : null}
        />
      </BoardFoot>
      <DayPrint board={board} now={now} />
    </main>
  );
}

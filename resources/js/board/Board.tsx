import { useQuery, useQueryClient } from '@tanstack/react-query';
import { useEffect } from 'react';
import { useParams, useSearchParams } from 'react-router';
import { Button } from '../ui/Button';
import { Notice } from '../ui/Notice';
import { longDate, money, shortDuration, writeHoursOf } from '../lib/format';
import { board as boardQuery, boardVersion } from '../lib/queries';
import { BoardFoot } from './BoardFoot';
import { BookingCard } from './BookingCard';
import { ComingUp } from './ComingUp';
import { clockIn, DeskSentence } from './DeskSentence';
import { GroupCard } from './GroupCard';
import { Lanes } from './Lanes';
import { Ribbon } from './Ribbon';
import { useDesk } from './useDesk';
import { useKey } from './useKey';
import { useSetup } from '../setup/useSetup';
import * as say from '@words/board';
import './Board.css';

/** The day: lanes, tags, the rope of now; new bookings appear by themselves. */
export function Board() {
  const business = useParams()['business'] ?? '';
  const [search, setSearch] = useSearchParams();
  const date = search.get('date');
  const chosen = search.get('booking');
  const queries = useQueryClient();
  const { data, error } = useQuery({ ...boardQuery(business, date), placeholderData: (before) => before });
  const { data: version } = useQuery(boardVersion(business));
  useEffect(() => {
    if (version !== undefined && data !== undefined && version.version !== data.version) {
      void queries.invalidateQueries({ queryKey: ['board', business] });
      void queries.invalidateQueries({ queryKey: ['card', business] });
    }
  }, [version, data, queries, business]);
  useEffect(() => {
    if (data !== undefined) {
      document.title = `${longDate(data.date)}, ${data.business.name}`;
    }
  }, [data]);
  if (data !== undefined) {
    writeHoursOf(data.business.clock);
  }
  const go = (to: string) => setSearch({ date: to });
  const choose = (id: string | null) =>
    setSearch({ ...(date === null ? {} : { date }), ...(id === null ? {} : { booking: id }) });

  const desk = useDesk(business, data?.date ?? '', (id) => setSearch({ date: data?.date ?? '', booking: id }));
  const { may } = useSetup();
  const books = may('change-bookings');
  useKey('b', () => (books ? desk.begin() : undefined));

  if (error !== null) {
    return (
      <Notice tone="trouble" className="m-5" role="alert">
        {error.message}
      </Notice>
    );
  }
  if (data === undefined) {
    return (
      <p className="p-5" role="status">
        {say.fetchingDay}
      </p>
    );
  }
  const group = data.tags.find((tag) => tag.id === chosen && tag.places !== null && search.get('of') === null);
  const free = data.lanes.reduce((sum, lane) => sum + lane.freeMinutes, 0);
  return (
    <main className="flex flex-1 flex-col gap-3 px-5 py-4">
      <div className="flex items-end justify-between gap-x-6 gap-y-3 max-lg:flex-wrap">
        <div className="min-w-72">
          <div className="flex items-center gap-4">
            <h1 className="text-3xl">{longDate(data.date)}</h1>
            {books && desk.draft === null && (
              <Button id="book-somebody" kind="next" small aria-label={say.bookSomebody} onClick={() => desk.begin()}>
                {say.book}
              </Button>
            )}
          </div>
          <p className="text-soft">
            {say.daySum({
              bookings: data.takings.bookings,
              open: data.date >= data.today ? shortDuration(free) : 'none',
              total: money(data.takings.total, data.business.currency),
              due: data.takings.due > 0 ? money(data.takings.due, data.business.currency) : 'none',
            })}
          </p>
        </div>
        <Ribbon board={data} shown={date ?? data.date} onGo={go} />
      </div>
      {desk.draft !== null && <DeskSentence board={data} desk={desk} draft={desk.draft} onGo={go} />}
      <div className="board-columns grid min-h-0 flex-1 gap-5">
        <Lanes
          board={data}
          now={version?.now ?? data.now}
          chosen={chosen}
          onChoose={choose}
          fits={desk.fits?.starts ?? []}
          named={desk.named?.at ?? null}
          onStart={(staff, instant) =>
            books ? desk.begin({ staff, at: clockIn(instant, data.business.timeZone) }) : undefined
          }
        />
        <div className="board-side">
          <div>
            {chosen === null ? (
              <ComingUp board={data} now={version?.now ?? data.now} onChoose={choose} />
            ) : group !== undefined ? (
              <GroupCard
                key={group.id}
                board={data}
                tag={group}
                onChoose={(id) => setSearch({ date: data.date, booking: id, of: group.id })}
                onClose={() => choose(null)}
              />
            ) : (
              <BookingCard
                key={chosen}
                business={business}
                id={chosen}
                zone={data.business.timeZone}
                onClose={() => choose(null)}
              />
            )}
          </div>
        </div>
      </div>
      <BoardFoot board={data} shown={date ?? data.date} onGo={go} />
    </main>
  );
}

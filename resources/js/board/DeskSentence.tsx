import type { SubmitEvent } from 'react';
import type { Schemas } from '../lib/api';
import { clock } from '../lib/format';
import { readClock } from '../lib/clock';
import { Button } from '../ui/Button';
import { Wrong } from '../ui/Wrong';
import { DeskFits } from './DeskFits';
import { DeskLine } from './DeskLine';
import { DeskPrice } from './DeskPrice';
import { ExtrasPart } from './ExtrasPart';
import { Narrow } from './Narrow';
import { RepeatList } from './RepeatList';
import type { Desk, DeskDraft } from './useDesk';
import { useSetup } from '../setup/useSetup';
import { useRepeats } from './useRepeats';
import './desk.css';
import * as say from '@words/board';

type Props = { board: Schemas['Board']; desk: Desk; draft: DeskDraft; double: boolean; onGo: (date: string) => void };

/** "Rosa Bell would like a wheel lesson with anyone, on Thursday at four": what the desk completes to book. */
export function DeskSentence({ board, desk, draft, double, onGo }: Props) {
  const { slug: business, timeZone: zone, currency } = board.business;
  const { named } = desk;
  const { may } = useSetup();
  const left = { double, outside: may('book-outside') };
  const repeat = useRepeats(business, draft, board.date);
  const first = draft.repeat === null ? (named?.offered === true ? { start: named.at } : undefined) : repeat.taken[0];
  const isWhole = draft.then.every((one) => one.service !== '');
  const ready = draft.who.name !== '' && first !== undefined && isWhole;
  const mayForce = draft.then.length === 0 && (may('book-outside') || double);
  const submit = (event: SubmitEvent) => {
    event.preventDefault();
    if (first !== undefined) {
      const whose = { ...draft, staff: first.staff ?? draft.staff };
      void desk.book(whose, first.start, draft.repeat === null ? [] : repeat.taken.slice(1));
    }
  };
  const elsewhere = Object.entries(desk.wrong).filter(([field]) => field !== 'codes'); // said where they are typed
  const wrong = [...elsewhere.map(([, says]) => says), ...(desk.trouble === null ? [] : [desk.trouble])];
  return (
    <form
      className="desk-sentence"
      aria-label={say.bookSomebody}
      onSubmit={submit}
      onKeyDown={(event) => {
        if (event.key === 'Escape' && !event.defaultPrevented) {
          desk.leave();
        }
      }}
    >
      <div className="desk-line">
        <DeskLine board={board} desk={desk} draft={draft} />
        <span className="flex gap-2">
          <Button type="submit" id="desk-book" kind="next" small disabled={desk.busy || !ready}>
            {draft.repeat === null ? say.bookIt : say.bookSome({ count: repeat.taken.length })}
          </Button>
          {named?.offered === false && draft.who.name !== '' && mayForce && (
            <Button
              id="desk-outside"
              small
              disabled={desk.busy}
              onClick={() => void desk.book(draft, named.at, [], left)}
            >
              {double ? say.bookOver : say.bookAllTheSame}
            </Button>
          )}
          <Button small onClick={desk.leave}>
            {say.leave}
          </Button>
        </span>
      </div>
      <div className="desk-rest" tabIndex={0} role="group" aria-label={say.deskRest}>
        {wrong.length > 0 && (
          <Wrong as="p" role="alert">
            {wrong.join(' ')}
          </Wrong>
        )}
        {draft.service !== '' && (
          <div className="flex flex-wrap items-center gap-x-8 gap-y-1">
            {desk.fits !== undefined && <DeskPrice price={desk.fits.price} currency={currency} />}
            <ExtrasPart desk={desk} draft={draft} currency={currency} />
            {draft.repeat === null && <Narrow desk={desk} draft={draft} />}
          </div>
        )}
        {draft.repeat !== null && <RepeatList repeat={repeat} zone={zone} />}
        {draft.repeat === null && desk.fits !== undefined && (
          <DeskFits
            business={business}
            fits={desk.fits}
            zone={zone}
            onAt={(instant) => desk.set({ at: clockIn(instant, zone) })}
            onGo={onGo}
          />
        )}
      </div>
    </form>
  );
}

/** "16:00": what clocks in the zone show at an instant. */
export const clockIn = (instant: string, zone: string): string => readClock(clock(instant, zone)) ?? '';

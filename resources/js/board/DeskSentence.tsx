import { useState, type SubmitEvent } from 'react';
import type { Schemas } from '../lib/api';
import { clock, longDate, timeOfDay } from '../lib/format';
import { readClock } from '../lib/clock';
import { Button } from '../ui/Button';
import { Check } from '../ui/Check';
import { inputLook } from '../ui/inputLook';
import { Wrong } from '../ui/Wrong';
import { DeskFits } from './DeskFits';
import { LengthPart } from './LengthPart';
import { Narrow } from './Narrow';
import { RepeatList } from './RepeatList';
import { RepeatPart } from './RepeatPart';
import { SmallNumber } from './SmallNumber';
import { ServiceParts } from './ServiceParts';
import { WhoPart } from './WhoPart';
import type { Desk, DeskDraft } from './useDesk';
import { useSetup } from '../setup/useSetup';
import { useRepeats } from './useRepeats';
import * as say from '@words/board';

type Props = { board: Schemas['Board']; desk: Desk; draft: DeskDraft; double: boolean; onGo: (date: string) => void };

/** "Rosa Bell would like a wheel lesson with anyone, on Thursday at four": what the desk completes to book. */
export function DeskSentence({ board, desk, draft, double, onGo }: Props) {
  const { slug: business, timeZone: zone } = board.business;
  const [typed, setTyped] = useState<string | null>(null);
  const { named } = desk;
  const { may } = useSetup();
  const left = { double, outside: may('book-outside') };
  const repeat = useRepeats(business, draft, board.date);
  const first = draft.repeat === null ? (named?.offered === true ? { start: named.at } : undefined) : repeat.taken[0];
  const ready = draft.who.name !== '' && first !== undefined;
  const submit = (event: SubmitEvent) => {
    event.preventDefault();
    if (first !== undefined) {
      const whose = { ...draft, staff: first.staff ?? draft.staff };
      void desk.book(whose, first.start, draft.repeat === null ? [] : repeat.taken.slice(1));
    }
  };
  const nameStart = (text: string) => {
    setTyped(text);
    desk.set({ at: readClock(text) ?? '' });
  };
  const takeStart = (instant: string) => {
    setTyped(null);
    desk.set({ at: clockIn(instant, zone) });
  };
  const wrong = [...Object.values(desk.wrong), ...(desk.trouble === null ? [] : [desk.trouble])];
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
        <WhoPart business={business} desk={desk} draft={draft} />
        <ServiceParts desk={desk} draft={draft} />
        <span>{say.onDate({ date: longDate(board.date) })}</span>
        <input
          id="desk-at"
          size={6}
          className={inputLook('small')}
          aria-label={say.atHour}
          placeholder={say.atHour}
          autoComplete="off"
          maxLength={12}
          aria-invalid={named?.offered === false}
          value={typed ?? (draft.at === '' ? '' : timeOfDay(draft.at))}
          onChange={(event) => nameStart(event.target.value)}
          onBlur={() => setTyped(null)}
        />
        <label className="flex items-center gap-1.5">
          {say.howMany}
          <SmallNumber
            id="desk-party"
            min={1}
            max={1000}
            value={draft.party}
            onValue={(party) => desk.set({ party })}
          />
        </label>
        <LengthPart desk={desk} draft={draft} />
        <RepeatPart desk={desk} draft={draft} />
        <input
          id="desk-note"
          size={14}
          className={inputLook('small')}
          aria-label={say.noteForStaff}
          placeholder={say.noteForStaff}
          maxLength={1000}
          value={draft.note}
          onChange={(event) => desk.set({ note: event.target.value })}
        />
        <Check id="desk-told" checked={draft.told} onChange={(told) => desk.set({ told })}>
          {say.tellThem}
        </Check>
        <span className="flex gap-2">
          <Button type="submit" id="desk-book" kind="next" small disabled={desk.busy || !ready}>
            {draft.repeat === null ? say.bookIt : say.bookSome({ count: repeat.taken.length })}
          </Button>
          {named?.offered === false && draft.who.name !== '' && (may('book-outside') || double) && (
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
      {wrong.length > 0 && (
        <Wrong as="p" role="alert">
          {wrong.join(' ')}
        </Wrong>
      )}
      {draft.repeat === null && draft.service !== '' && <Narrow desk={desk} draft={draft} />}
      {draft.repeat !== null && <RepeatList repeat={repeat} zone={zone} />}
      {draft.repeat === null && desk.fits !== undefined && (
        <DeskFits business={business} fits={desk.fits} zone={zone} onAt={takeStart} onGo={onGo} />
      )}
    </form>
  );
}

/** "16:00": what clocks in the zone show at an instant. */
export const clockIn = (instant: string, zone: string): string => readClock(clock(instant, zone)) ?? '';

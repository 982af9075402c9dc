import { useState } from 'react';
import type { Schemas } from '../lib/api';
import { longDate, timeOfDay } from '../lib/format';
import { readClock } from '../lib/clock';
import { rich } from '../language/rich';
import { Check } from '../ui/Check';
import { inputLook } from '../ui/inputLook';
import { LengthPart } from './LengthPart';
import { RepeatPart } from '../repeats/RepeatPart';
import { ServiceParts } from './ServiceParts';
import { SmallNumber } from '../ui/SmallNumber';
import { ThenHow, ThenParts } from './ThenParts';
import { WhoPart } from '../guests/WhoPart';
import type { Desk, DeskDraft } from './useDesk';
import * as say from '@words/board';

type Props = { board: Schemas['Board']; desk: Desk; draft: DeskDraft };

/** The parts of the desk's sentence, one after the other. */
export function DeskLine({ board, desk, draft }: Props) {
  const [typed, setTyped] = useState<string | null>(null);
  const nameStart = (text: string) => {
    setTyped(text);
    desk.set({ at: readClock(text) ?? '' });
  };
  return (
    <>
      <WhoPart
        business={board.business.slug}
        id="desk"
        label={say.whoComesPart}
        who={draft.who}
        wrong={desk.wrong}
        onWho={(who) => desk.set({ who })}
      />
      <ServiceParts
        id="desk"
        wanted={draft}
        wrong={desk.wrong}
        onWanted={(wanted) => desk.set({ ...wanted, ...(wanted.service === draft.service ? {} : CHANGED) })}
        says={(parts) => rich(say.wouldLike, parts)}
      />
      <ThenParts desk={desk} draft={draft} />
      <span>{say.onDate({ date: longDate(board.date) })}</span>
      <input
        id="desk-at"
        size={6}
        className={inputLook('small')}
        aria-label={say.atHour}
        placeholder={say.atHour}
        autoComplete="off"
        maxLength={12}
        aria-invalid={desk.named?.offered === false}
        value={typed ?? (draft.at === '' ? '' : timeOfDay(draft.at))}
        onChange={(event) => nameStart(event.target.value)}
        onBlur={() => setTyped(null)}
      />
      <label className="flex items-center gap-1.5">
        {say.howMany}
        <SmallNumber id="desk-party" min={1} max={1000} value={draft.party} onValue={(party) => desk.set({ party })} />
      </label>
      <LengthPart desk={desk} draft={draft} />
      {draft.then.length === 0 && (
        <RepeatPart id="desk" repeat={draft.repeat} date={board.date} onRepeat={(repeat) => desk.set({ repeat })} />
      )}
      <ThenHow desk={desk} draft={draft} />
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
    </>
  );
}

/** What does not go over from one service to another. */
const CHANGED = { minutes: null, addOns: {} };

import { useRef, useState } from 'react';
import type { Schemas } from '../lib/api';
import { useSetup } from '../setup/useSetup';
import { useOpened } from '../ui/useOpened';
import { clockIn } from './DeskSentence';

/** What somebody drew on a lane, or is typing: clocks as they show there. */
export type Drawn = { staff: readonly string[]; from: string; to: string };

/** Time off that was pressed: whose, and where it begins on the date shown. */
type Off = { staff: string; from: string };

export type Way = Schemas['DrawnAsk']['way'];

/** The slip of a stretch that is drawn and not saved yet, or of time off that was pressed: one at a time. */
export function useDrawn(zone: string, onBegin: () => void) {
  const [drawn, draw] = useState<Drawn | null>(null);
  const [off, setOff] = useState<Off | null>(null);
  const slips = useRef(0);
  const slip = useOpened<number>();
  const { data, may } = useSetup();
  const own = data?.me.staff ?? null;
  const show = (stretch: Drawn | null, pressed: Off | null) => {
    onBegin();
    draw(stretch);
    setOff(pressed);
    slip.show(++slips.current);
  };
  const begin = (stretch: Drawn) => show(stretch, null);
  return {
    slip: slip.open ?? 0,
    drawn: slip.open === null ? null : drawn,
    off: slip.open === null ? null : off,
    draw,
    leave: slip.close,
    showOff: (staff: string, from: string) => show(null, { staff, from }),
    /** Without a stroke: everything is typed. */
    begin: () => begin({ staff: may('change-setup') || own === null ? [] : [own], from: '12:00', to: '13:00' }),
    stroke: (lane: string, from: string, to: string) => {
      const end = clockIn(to, zone);
      begin({ staff: [lane], from: clockIn(from, zone), to: end === '00:00' ? '24:00' : end });
    },
  };
}

export type Drawing = ReturnType<typeof useDrawn>;

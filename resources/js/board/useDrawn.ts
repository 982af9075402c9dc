import { useState } from 'react';
import type { Schemas } from '../lib/api';
import { useSetup } from '../setup/useSetup';
import { clockIn } from './DeskSentence';

/** What somebody drew on a lane, or is typing: clocks as they show there. */
export type Drawn = { staff: readonly string[]; from: string; to: string };

export type Way = Schemas['DrawnAsk']['way'];

/** The stretch that is drawn and not saved yet. */
export function useDrawn(zone: string, onBegin: () => void) {
  const [drawn, setDrawn] = useState<Drawn | null>(null);
  const [off, setOff] = useState<{ staff: string; from: string } | null>(null);
  const { data, may } = useSetup();
  const own = data?.me.staff ?? null;
  const begin = (next: Drawn) => {
    onBegin();
    setOff(null);
    setDrawn(next);
  };
  return {
    drawn,
    draw: setDrawn,
    leave: () => {
      setDrawn(null);
      setOff(null);
    },
    /** Time off that was pressed: whose, and where it begins on the date shown. */
    off,
    showOff: (staff: string, from: string) => {
      onBegin();
      setDrawn(null);
      setOff({ staff, from });
    },
    /** Without a stroke: everything is typed. */
    begin: () => begin({ staff: may('change-setup') || own === null ? [] : [own], from: '12:00', to: '13:00' }),
    stroke: (lane: string, from: string, to: string) => {
      const end = clockIn(to, zone);
      begin({ staff: [lane], from: clockIn(from, zone), to: end === '00:00' ? '24:00' : end });
    },
  };
}

export type Drawing = ReturnType<typeof useDrawn>;

import { keepPreviousData, useQuery, useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { api, refusalOf, unwrap, type Refusal, type Schemas } from '../lib/api';
import { card as cardQuery, deskTimes } from '../lib/queries';
import { useSettled } from '../ui/useSettled';

/** Who comes: somebody known, or a name with what they give. */
export type Who = { id: string | null; name: string; email: string; phone: string };

export type DeskDraft = {
  who: Who;
  service: string;
  /** null: anyone */
  staff: string | null;
  /** "16:00", as clocks show it; empty: not named yet */
  at: string;
  party: number;
  note: string;
  told: boolean;
};

export const NOBODY: Who = { id: null, name: '', email: '', phone: '' };

const EMPTY: DeskDraft = { who: NOBODY, service: '', staff: null, at: '', party: 1, note: '', told: true };

/** ms somebody may go on typing before it is asked what fits */
const WAIT = 150;

/** The sentence the desk completes: what it says so far, what fits it on the date that is shown, and booking it. */
export function useDesk(business: string, date: string, onBooked: (id: string) => void) {
  const queries = useQueryClient();
  const [draft, setDraft] = useState<DeskDraft | null>(null);
  const [refusal, setRefusal] = useState<Refusal | null>(null);
  const [busy, setBusy] = useState(false);
  const asked = useSettled(
    {
      service: draft?.service ?? '',
      staff: draft?.staff ?? null,
      party: draft?.party ?? 1,
      date,
      at: draft === null || draft.at === '' ? null : draft.at,
    },
    WAIT,
  );
  const { data: fits } = useQuery({
    ...deskTimes(business, asked),
    enabled: draft !== null && asked.service !== '',
    placeholderData: keepPreviousData,
  });
  const isOfNow = draft !== null && draft.service !== '' && fits?.date === date;
  const set = (changes: Partial<DeskDraft>) => {
    setRefusal(null);
    setDraft((before) => (before === null ? null : { ...before, ...changes }));
  };
  const book = async (said: DeskDraft, start: string) => {
    setBusy(true);
    setRefusal(null);
    try {
      const booked = await unwrap(
        api.POST('/api/businesses/{business}/bookings', {
          params: { path: { business } },
          body: bodyOf(said, start),
        }),
      );
      queries.setQueryData(cardQuery(business, booked.id).queryKey, booked);
      setDraft(null);
      onBooked(booked.id);
    } catch (wrong) {
      setRefusal(refusalOf(wrong));
    } finally {
      setBusy(false);
      await Promise.all(
        ['board', 'desk-times', 'clients'].map((key) => queries.invalidateQueries({ queryKey: [key, business] })),
      );
    }
  };
  return {
    draft,
    fits: isOfNow ? fits : undefined,
    busy,
    wrong: refusal?.fields ?? {},
    trouble: refusal === null || refusal.fields !== undefined ? null : refusal.message,
    begin: (known: Partial<DeskDraft> = {}) => setDraft((before) => ({ ...(before ?? EMPTY), ...known })),
    set,
    leave: () => setDraft(null),
    book,
  };
}

export type Desk = ReturnType<typeof useDesk>;

function bodyOf(said: DeskDraft, start: string): Schemas['DeskBooking'] {
  const { who, service, staff, party, note, told } = said;
  const guest = who.id === null ? { name: who.name, email: who.email, phone: who.phone } : { client: who.id };
  return { ...guest, service, staff, party, note, told, start };
}

import { keepPreviousData, useQuery, useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { answered } from '../lib/answered';
import type { Repeat } from '../repeats/repeat';
import { api, refusalOf, unwrap, type Refusal, type Schemas } from '../lib/api';
import { guestOf, NOBODY, type Who } from '../guests/who';
import { readClock } from '../lib/clock';
import { clock } from '../lib/format';
import { card as cardQuery, deskTimes } from '../lib/queries';
import { outdated } from '../lib/outdated';
import { useSettled } from '../ui/useSettled';

/** A service, and by whom. */
export type Wanted = {
  service: string;
  /** null: anyone */
  staff: string | null;
};

export type DeskDraft = Wanted & {
  who: Who;
  /** What follows in the same visit, and how. */
  then: readonly Wanted[];
  maxWait: number;
  anyOrder: boolean;
  samePerson: boolean;
  /** How many of each, by id. */
  addOns: Readonly<Record<string, number>>;
  code: string;
  /** "16:00", as clocks show it; empty: not named yet */
  at: string;
  party: number;
  /** null: the service's own length */
  minutes: number | null;
  /** What the caller adds: with one of some, after an hour, on some weekdays. */
  narrowed: Narrowed;
  note: string;
  told: boolean;
  /** How often it repeats; null: it does not. */
  repeat: Repeat | null;
};

export type Narrowed = { people: readonly string[]; after: string; weekdays: readonly number[] };

const EMPTY: DeskDraft = {
  who: NOBODY,
  service: '',
  staff: null,
  then: [],
  maxWait: 15,
  anyOrder: false,
  samePerson: false,
  addOns: {},
  code: '',
  at: '',
  party: 1,
  minutes: null,
  narrowed: { people: [], after: '', weekdays: [] },
  note: '',
  told: true,
  repeat: null,
};

/** What is left out on purpose. */
type Left = Pick<Schemas['DeskBooking'], 'outside' | 'double'>;

/** ms somebody may go on typing before it is asked what fits */
const WAIT = 150;

/** The sentence the desk completes: what it says so far, what fits it on the date that is shown, and booking it. */
export function useDesk(business: string, date: string, onBooked: (id: string) => void) {
  const queries = useQueryClient();
  const [draft, setDraft] = useState<DeskDraft | null>(null);
  const [refusal, setRefusal] = useState<Refusal | null>(null);
  const [busy, setBusy] = useState(false);
  const { service, at, narrowed } = draft ?? EMPTY;
  const said = {
    ...wishOf(draft ?? EMPTY),
    client: draft?.who.id ?? null,
    date,
    at: at === '' ? null : at,
    people: [...narrowed.people],
    after: narrowed.after === '' ? null : narrowed.after,
    weekdays: [...narrowed.weekdays],
  };
  const asked = useSettled(said, WAIT);
  const { data: fits, isPlaceholderData } = useQuery({
    ...deskTimes(business, asked),
    enabled: draft !== null && asked.service !== '',
    placeholderData: keepPreviousData,
  });
  const isShown = draft !== null && service !== '' && fits?.date === date;
  // what is booked is what the sentence says now, never what it said while it was typed
  const isAnswered = isShown && !isPlaceholderData && JSON.stringify(asked) === JSON.stringify(said);
  const set = (changes: Partial<DeskDraft>) => {
    setRefusal(null);
    setDraft((before) => (before === null ? null : { ...before, ...changes }));
  };
  const beginAnew = (fresh: DeskDraft) => {
    setRefusal(null);
    setDraft(fresh);
  };
  const book = async (whose: DeskDraft, start: string, more: Schemas['DeskMore'][] = [], left: Left = {}) => {
    setBusy(true);
    setRefusal(null);
    try {
      const booked = await unwrap(
        api.POST('/api/businesses/{business}/bookings', {
          params: { path: { business } },
          body: { ...bodyOf(whose, start), more, ...left },
        }),
      );
      await answered(queries, cardQuery(business, booked.id).queryKey, booked);
      setDraft(null);
      onBooked(booked.id);
    } catch (wrong) {
      setRefusal(refusalOf(wrong));
    } finally {
      setBusy(false);
      await outdated(queries, 'booking', business);
    }
  };
  return {
    draft,
    fits: isShown ? fits : undefined,
    named: isAnswered ? fits.named : null,
    busy,
    wrong: refusal?.fields ?? {},
    trouble: refusal === null || refusal.fields !== undefined ? null : refusal.message,
    begin: (known: Partial<DeskDraft> = {}) => {
      setRefusal(null);
      setDraft((before) => ({ ...(before ?? EMPTY), ...known }));
    },
    /** A place in a group: its service, its hour, its people. */
    beginWith: ({ serviceId, staff: people, start }: Schemas['Tag'], zone: string) =>
      beginAnew({
        ...EMPTY,
        service: serviceId,
        staff: people.length === 1 ? (people[0] ?? null) : null,
        at: readClock(clock(start, zone)) ?? '',
      }),
    /** The same for the same client, at the same hour. */
    beginAgain: ({ clientId, client, serviceId, staff: people, start, party: many }: Schemas['Card'], zone: string) =>
      beginAnew({
        ...EMPTY,
        who: { ...NOBODY, id: clientId, name: client?.name ?? '' },
        service: serviceId,
        staff: people.length === 1 ? (people[0]?.id ?? null) : null,
        at: readClock(clock(start, zone)) ?? '',
        party: many,
      }),
    set,
    leave: () => {
      setRefusal(null);
      setDraft(null);
    },
    book,
  };
}

export type Desk = ReturnType<typeof useDesk>;

function bodyOf(said: DeskDraft, start: string): Schemas['DeskBooking'] {
  const { who, code, note, told } = said;
  return { ...guestOf(who), ...wishOf(said), codes: code.trim() === '' ? [] : [code.trim()], note, told, start };
}

/** What is wished, whoever it is for: a part whose service is not chosen yet is left out. */
function wishOf({ service, staff, party, minutes, addOns, then, maxWait, anyOrder, samePerson }: DeskDraft) {
  const wish = {
    service,
    staff,
    party,
    minutes,
    addOns: Object.entries(addOns).map(([id, quantity]) => ({ id, quantity })),
  };
  const more = then.filter((one) => one.service !== '');
  return more.length === 0 ? wish : { ...wish, then: more, maxWait, anyOrder, samePerson };
}

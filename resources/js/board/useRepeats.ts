import { keepPreviousData, useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import type { Schemas } from '../lib/api';
import { deskRepeats } from '../lib/queries';
import { beginningOn } from '../repeats/repeat';
import type { DeskDraft } from './useDesk';

type Occurrence = Schemas['DeskOccurrence'];
type Answer = 'take' | 'nearest' | 'out';

/** The times of the repeat that the sentence speaks of, and what somebody has said of each. */
export function useRepeats(business: string, draft: DeskDraft, date: string) {
  const [answers, setAnswers] = useState<Readonly<Record<string, Answer>>>({});
  const { service, staff, party, minutes, addOns, at, repeat } = draft;
  const asked = {
    service,
    staff,
    party,
    minutes,
    addOns: Object.entries(addOns).map(([id, quantity]) => ({ id, quantity })),
    at: `${date}T${at}`,
    repeat: beginningOn(repeat ?? { every: 1, unit: 'weeks', count: 2 }, date),
  };
  const isAsked = repeat !== null && service !== '' && at !== '';
  const { data, isPlaceholderData } = useQuery({
    ...deskRepeats(business, asked),
    enabled: isAsked,
    placeholderData: keepPreviousData,
  });
  const occurrences = isAsked ? (data?.occurrences ?? []) : [];
  const answerOf = (one: Occurrence): Answer => answers[one.at] ?? (one.row === null ? 'out' : 'take');
  const taken = (isPlaceholderData ? [] : occurrences)
    .map((one) => (answerOf(one) === 'take' ? one.row : answerOf(one) === 'nearest' ? one.nearest : null))
    .filter((row) => row !== null)
    .map((row): Schemas['DeskMore'] => ({
      start: row.at,
      staff: row.staff.length === 1 ? (row.staff[0] ?? null) : null,
    }));
  const answer = (when: string, said: Answer) => setAnswers((before) => ({ ...before, [when]: said }));
  return { occurrences, answerOf, answer, taken };
}

export type DeskRepeat = ReturnType<typeof useRepeats>;

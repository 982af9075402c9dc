import { keepPreviousData, useQuery, useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { api, refusalOf, unwrap, type Refusal, type Schemas } from '../lib/api';
import { outdated } from '../lib/outdated';
import { sessionDates } from '../lib/queries';
import { beginningOn, type Repeat } from '../repeats/repeat';
import { newId } from '../setup/things';
import { useNotices } from '../ui/Notices';
import { useSettled } from '../ui/useSettled';
import * as say from '@words/sessions';

export type SessionDraft = Omit<Schemas['Gathering'], 'service'> & {
  /** "2027-03-01" */
  date: string;
  /** "10:00" */
  at: string;
  /** null: once */
  repeat: Repeat | null;
};

export type Answer = 'take' | 'nearest' | 'out';

/** ms somebody may go on typing before it is asked what stands in the way */
const WAIT = 250;

/** Sessions that are about to be scheduled: when, with whom, and what is said of each date. */
export function useScheduling(business: string, service: string, first: SessionDraft, onDone: () => void) {
  const queries = useQueryClient();
  const notices = useNotices();
  const [draft, setDraft] = useState(first);
  const [series, setSeries] = useState(newId);
  const [answers, setAnswers] = useState<Readonly<Record<string, Answer>>>({});
  const [refusal, setRefusal] = useState<Refusal | null>(null);
  const [busy, setBusy] = useState(false);
  const { date, at, repeat, ...gathering } = draft;
  const said = {
    ...gathering,
    service,
    at: `${date}T${at}`,
    repeat: beginningOn(repeat ?? { every: 1, unit: 'days', count: 1 }, date),
  };
  const asked = useSettled(said, WAIT);
  // what is scheduled is what is said now, never what was said while it was typed
  const isAnswered = JSON.stringify(asked) === JSON.stringify(said);
  const { data, error, isPlaceholderData } = useQuery({
    ...sessionDates(business, asked),
    enabled: date !== '' && at !== '',
    placeholderData: keepPreviousData,
  });
  const dates = data?.dates ?? [];
  const answerOf = (one: Schemas['SessionDate']): Answer => answers[one.at] ?? (one.state === 'free' ? 'take' : 'out');
  const startOf = (one: Schemas['SessionDate']) =>
    answerOf(one) === 'take' ? one.at : answerOf(one) === 'nearest' ? one.nearest : null;
  const starts = [...new Set(dates.map(startOf).filter((start) => start !== null))].sort();
  const schedule = async () => {
    setBusy(true);
    setRefusal(null);
    try {
      await unwrap(
        api.POST('/api/businesses/{business}/sessions', {
          params: { path: { business } },
          body: { ...gathering, service, series, starts },
        }),
      );
      notices.say(say.scheduled({ count: starts.length }));
      setSeries(newId());
      onDone();
    } catch (wrong) {
      setRefusal(refusalOf(wrong));
    } finally {
      setBusy(false);
      await outdated(queries, 'session', business);
    }
  };
  return {
    draft,
    set: (changes: Partial<SessionDraft>) => {
      setRefusal(null);
      setDraft((before) => ({ ...before, ...changes }));
    },
    wrong: { ...(error === null ? {} : refusalOf(error).fields), ...refusal?.fields },
    trouble: refusal === null || refusal.fields !== undefined ? null : refusal.message,
    dates,
    answerOf,
    answer: (of: string, how: Answer) => setAnswers((before) => ({ ...before, [of]: how })),
    starts,
    busy,
    isReady: !busy && isAnswered && !isPlaceholderData && error === null && starts.length > 0,
    schedule,
  };
}

export type Scheduling = ReturnType<typeof useScheduling>;

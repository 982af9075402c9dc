import { keepPreviousData, useQuery, useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { answered } from '../lib/answered';
import { api, refusalOf, unwrap, type Refusal, type Schemas } from '../lib/api';
import { dateIn, clock } from '../lib/format';
import { readClock } from '../lib/clock';
import { outdated } from '../lib/outdated';
import { session as sessionQuery, sessionChangeTried } from '../lib/queries';
import { useNotices } from '../ui/Notices';
import { useSettled } from '../ui/useSettled';
import * as say from '@words/sessions';

/** ms somebody may go on typing before it is asked what would become of it */
const WAIT = 250;

/** A session that is about to be changed: how, and what would become of it and of later ones. */
export function useChanging(business: string, session: Schemas['Session'], zone: string, onDone: () => void) {
  const queries = useQueryClient();
  const notices = useNotices();
  const first = {
    date: dateIn(session.start, zone),
    at: readClock(clock(session.start, zone)) ?? '',
    minutes: (Date.parse(session.end) - Date.parse(session.start)) / 60_000,
    places: session.places,
    staff: session.staff.map((one) => one.id),
    location: session.locationId ?? '',
  };
  const [seen, setSeen] = useState(session.version);
  const [draft, setDraft] = useState(first);
  const [later, setLater] = useState(false);
  const [told, setTold] = useState(true);
  const [refusal, setRefusal] = useState<Refusal | null>(null);
  const [busy, setBusy] = useState(false);
  const { date, at, ...gathering } = draft;
  const body = { ...gathering, at: `${date}T${at}`, later };
  const asked = useSettled(body, WAIT);
  const isChanged = JSON.stringify(draft) !== JSON.stringify(first);
  const { data, error, isPlaceholderData } = useQuery({
    ...sessionChangeTried(business, session.id, asked),
    enabled: isChanged && date !== '' && at !== '',
    placeholderData: keepPreviousData,
  });
  const dates = isChanged ? (data?.dates ?? []) : [];
  const change = async () => {
    setBusy(true);
    setRefusal(null);
    try {
      const params = { path: { business, id: session.id } };
      const now = await unwrap(
        api.POST('/api/businesses/{business}/sessions/{id}/change', { params, body: { ...body, told, seen } }),
      );
      await answered(queries, sessionQuery(business, session.id).queryKey, now);
      notices.say(say.isChanged({ count: dates.length }));
      onDone();
    } catch (wrong) {
      setRefusal(refusalOf(wrong));
    } finally {
      setBusy(false);
      await outdated(queries, 'session', business);
      // somebody was quicker, and that is said and shown now: pressed once more it is meant all the same
      setSeen((before) => queries.getQueryData(sessionQuery(business, session.id).queryKey)?.version ?? before);
    }
  };
  return {
    draft,
    set: (changes: Partial<typeof first>) => {
      setRefusal(null);
      setDraft((before) => ({ ...before, ...changes }));
    },
    later,
    setLater,
    told,
    setTold,
    dates,
    bookings: data?.bookings ?? 0,
    isChanged,
    wrong: { ...(error === null ? {} : refusalOf(error).fields), ...refusal?.fields },
    trouble: refusal === null || refusal.fields !== undefined ? null : refusal.message,
    isReady:
      isChanged &&
      !busy &&
      JSON.stringify(asked) === JSON.stringify(body) && // what is typed is answered
      !isPlaceholderData &&
      error === null &&
      dates.length > 0 &&
      dates.every((one) => (one.state === 'free' || one.state === 'outside') && one.over === 0),
    change,
  };
}

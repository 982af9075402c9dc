import { useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { useParams } from 'react-router';
import { api, refusalOf, unwrap, type Refusal, type Schemas } from '../lib/api';
import { useNotices } from '../ui/Notices';
import type { Draft } from './things';

/**
 * Saves drafts, says what came of it, and offers to undo it. Everything that shows set-up is fetched again; `refused`
 * holds the last "no" until the next try.
 */
export function useSave() {
  const business = useParams()['business'] ?? '';
  const queries = useQueryClient();
  const notices = useNotices();
  const [refused, setRefused] = useState<Refusal | null>(null);
  const [saving, setSaving] = useState(false);

  const refresh = async () => {
    for (const key of ['setup', 'thing', 'year', 'board', 'me', 'effect']) {
      await queries.invalidateQueries({ queryKey: [key] });
    }
  };
  const undo = async (change: string) => {
    try {
      await unwrap(
        api.POST('/api/businesses/{business}/changes/{id}/undo', { params: { path: { business, id: change } } }),
      );
      notices.say('Undone.');
    } catch (wrong) {
      notices.say(refusalOf(wrong).message);
    }
    await refresh();
  };
  /** `onSaved` comes first: whoever edits knows what is saved before anything else happens. */
  const save = async (
    drafts: readonly Draft[],
    done: string,
    onSaved?: (saved: Schemas['Saved']) => void,
  ): Promise<Schemas['Saved'] | null> => {
    setSaving(true);
    try {
      const saved = await unwrap(
        api.POST('/api/businesses/{business}/drafts', {
          params: { path: { business } },
          body: { drafts: [...drafts] },
        }),
      );
      setRefused(null);
      onSaved?.(saved);
      const { change } = saved;
      notices.say(
        change === null ? 'Nothing was different.' : done,
        change === null ? undefined : () => void undo(change),
      );
      await refresh();
      return saved;
    } catch (wrong) {
      setRefused(refusalOf(wrong));
      return null;
    } finally {
      setSaving(false);
    }
  };
  return { business, save, saving, refused, clear: () => setRefused(null) };
}

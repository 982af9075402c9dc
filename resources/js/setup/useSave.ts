import { useQueryClient } from '@tanstack/react-query';
import { useRef, useState } from 'react';
import { useNavigate, useParams } from 'react-router';
import { api, refusalOf, unwrap, type Refusal, type Schemas } from '../lib/api';
import { useNotices } from '../ui/Notices';
import type { Draft } from './things';
import * as say from '@words/setup';

/** The questions whose answers show set-up. */
const SHOWS_SETUP = ['setup', 'thing', 'year', 'board', 'me', 'effect'];

/**
 * Saves drafts, says what came of it, and offers to undo it. Everything that shows set-up is fetched again; `refused`
 * holds the last "no" until the next try; `aloud` says it at once as well, where there is no form to say it in.
 */
export function useSave({ aloud = false } = {}) {
  const business = useParams()['business'] ?? '';
  const queries = useQueryClient();
  const notices = useNotices();
  const navigate = useNavigate();
  const [refused, setRefused] = useState<Refusal | null>(null);
  const [saving, setSaving] = useState(false);
  const underWay = useRef(false);

  const refresh = () => Promise.all(SHOWS_SETUP.map((key) => queries.invalidateQueries({ queryKey: [key] })));
  /** What was asked for before it was saved would come back as it was. */
  const forgetAsked = () => Promise.all(SHOWS_SETUP.map((key) => queries.cancelQueries({ queryKey: [key] })));
  /** @param slug the business's address once it was saved: what is undone may have been the address itself */
  const undo = async (slug: string, change: string) => {
    try {
      const undone = await unwrap(
        api.POST('/api/businesses/{business}/changes/{id}/undo', { params: { path: { business: slug, id: change } } }),
      );
      notices.say(say.undone);
      if (undone.slug !== slug) {
        await navigate(window.location.pathname.replace(`/at/${slug}`, `/at/${undone.slug}`));
      }
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
    if (underWay.current) {
      return null; // pressed twice
    }
    underWay.current = true;
    setSaving(true);
    try {
      const saved = await unwrap(
        api.POST('/api/businesses/{business}/drafts', {
          params: { path: { business } },
          body: { drafts: [...drafts] },
        }),
      );
      await forgetAsked();
      setRefused(null);
      onSaved?.(saved);
      const { change, slug } = saved;
      notices.say(
        change === null ? say.nothingWasDifferent : done,
        change === null ? undefined : () => void undo(slug, change),
      );
      await refresh();
      return saved;
    } catch (wrong) {
      const refusal = refusalOf(wrong);
      setRefused(refusal);
      if (aloud) {
        notices.say(refusal.message);
      }
      return null;
    } finally {
      underWay.current = false;
      setSaving(false);
    }
  };
  return { business, save, saving, refused, clear: () => setRefused(null) };
}

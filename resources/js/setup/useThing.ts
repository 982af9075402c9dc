import { useQuery } from '@tanstack/react-query';
import { useEffect, useRef, useState } from 'react';
import { useBlocker, useParams } from 'react-router';
import type { Refusal, Schemas } from '../lib/api';
import { draftOf, thing, wrongOf, type Contents, type Draft, type Kind } from './things';
import { allSent } from './uploads';
import { useSave } from './useSave';

/** A thing being edited: what it is, what was typed, and what can be done with it. */
export type Editing<C extends object> = {
  business: string;
  content: C | null;
  before: C | null;
  history: readonly Schemas['ThingChange'][];
  missing: boolean;
  dirty: boolean;
  draft: Draft | null;
  saving: boolean;
  refused: Refusal | null;
  meanwhile: Schemas['Meanwhile'] | null;
  /** What is wrong, by field. */
  wrong: Readonly<Record<string, string>>;
  set: (changes: Partial<C>) => void;
  putBack: () => void;
  /** Goes on from what somebody else has saved, with `mine` kept. */
  takeOver: (now: C, version: string | null, mine: Partial<C>) => void;
  /** Answers with the id; null where it was refused. */
  save: (done: string) => Promise<string | null>;
  /** Somebody has removed it: what was typed can be saved as something new. */
  asNew: () => void;
  remove: (done: string) => Promise<boolean>;
};

type Seen<K extends Kind> = { id: string | null; version: string | null; content: Contents[K] };

/** Leaving with something unsaved asks once: within the workspace by us, away from it by the browser. */
export function useLeaving(dirty: boolean) {
  useEffect(() => {
    const ask = (event: BeforeUnloadEvent) => event.preventDefault();
    if (dirty) {
      window.addEventListener('beforeunload', ask);
    }
    return () => window.removeEventListener('beforeunload', ask);
  }, [dirty]);
  return useBlocker(({ currentLocation, nextLocation }) => dirty && currentLocation.pathname !== nextLocation.pathname);
}

/**
 * One thing being edited. `id` null is a new one, which begins as `fresh`. What is typed stays until it is saved or put
 * back; if somebody else has saved meanwhile, `meanwhile` tells what is different, and `takeOver` goes on from there.
 */
export function useThing<K extends Kind>(kind: K, id: string | null, fresh: Contents[K] | null): Editing<Contents[K]> {
  const business = useParams()['business'] ?? '';
  const { data, error } = useQuery({ ...thing(business, kind, id ?? ''), enabled: id !== null });
  const [seen, setSeen] = useState<Seen<K> | null>(
    id === null && fresh !== null ? { id: null, version: null, content: fresh } : null,
  );
  const [content, setContent] = useState<Contents[K] | null>(id === null ? fresh : null);
  // Each answer is taken up once, and never over what was typed.
  const [fetched, setFetched] = useState<typeof data>(undefined);
  const saving = useSave();
  const dirty = seen !== null && content !== null && JSON.stringify(content) !== JSON.stringify(seen.content);

  if (data !== undefined && data !== fetched) {
    setFetched(data);
    if (seen === null || !dirty) {
      setSeen({ id: data.id, version: data.version, content: data.content });
      setContent(data.content);
    }
  }
  const { refused } = saving;
  const meanwhile = refused?.meanwhile ?? null;
  const draft: Draft | null = seen === null || content === null ? null : draftOf[kind](seen.id, content, seen.version);

  const latest = useRef({ draft, content });
  useEffect(() => {
    latest.current = { draft, content };
  });

  return {
    business,
    content,
    before: seen?.content ?? null,
    history: data?.history ?? [],
    missing: error !== null,
    dirty,
    draft,
    saving: saving.saving,
    refused,
    meanwhile,
    wrong: wrongOf(refused?.fields, 0),
    set: (changes: Partial<Contents[K]>) => setContent((now) => (now === null ? now : { ...now, ...changes })),
    putBack: () => {
      setContent(seen?.content ?? null);
      saving.clear();
    },
    takeOver: (now: Contents[K], version: string | null, mine: Partial<Contents[K]>) => {
      setSeen({ id: seen?.id ?? null, version, content: now });
      setContent({ ...now, ...mine });
      saving.clear();
    },
    asNew: () => {
      setSeen((was) => (was === null ? was : { ...was, id: null, version: null }));
      saving.clear();
    },
    save: async (done: string): Promise<string | null> => {
      const arrived = await allSent(); // a picture that was chosen a moment ago counts
      await new Promise((drawn) => setTimeout(drawn, 0));
      const now = latest.current;
      if (!arrived || now.draft === null || now.content === null) {
        return null;
      }
      const { content: saves } = now;
      const saved = await saving.save([now.draft], done, ({ ids, versions }) =>
        setSeen({ id: ids[0] ?? null, version: versions[0] ?? null, content: saves }),
      );
      return saved?.ids[0] ?? null;
    },
    remove: async (done: string): Promise<boolean> =>
      seen?.id != null &&
      (await saving.save([draftOf[kind](seen.id, null, seen.version)], done, () => setContent(seen.content))) !== null,
  };
}

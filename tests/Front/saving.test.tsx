import { act, cleanup, renderHook, screen } from '@testing-library/react';
import { afterEach, beforeEach, expect, test, vi } from 'vitest';
import { useSave } from '../../resources/js/setup/useSave';
import { useThing } from '../../resources/js/setup/useThing';
import { asking, inWorkspace, latest, queriesOf, type Asked } from './asking';

let asked: Asked[];

beforeEach(() => {
  asked = asking();
});
afterEach(() => {
  cleanup();
  vi.restoreAllMocks();
  window.history.replaceState(null, '', '/');
});

const THING = { kind: 'category', id: 'c1', version: 'v1', content: { name: 'Clay', description: '' }, history: [] };
const NAMED = (name: string) => ({ ...THING.content, name });
const SAVED = { ids: ['c1'], versions: ['v2'], change: 'change1', slug: 'mill' };
let queries = queriesOf();
const editing = async (id: string | null = 'c1') => {
  queries = queriesOf();
  const fresh = id === null ? THING.content : null;
  const wrapper = inWorkspace(queries);
  const { result } = renderHook(() => useThing('category' as never, id, fresh as never), { wrapper });
  await act(async () => undefined);
  await latest(asked, '/things/')?.answer(THING);
  await settle();
  return result;
};
type Result = { current: { set: (c: never) => void; save: (done: string) => Promise<string | null> } };
const type = (result: Result, name: string) => act(() => result.current.set({ name } as never));
const settle = () => act(() => new Promise((drawn) => setTimeout(drawn, 10)));
const refetched = async (thing: object) => {
  await settle();
  await latest(asked, '/things/')?.answer(thing);
  await settle();
};

test('what was typed is never overwritten by what is fetched later', async () => {
  const result = await editing();
  type(result, 'Fired clay');
  await act(async () => void queries.invalidateQueries({ queryKey: ['thing'] }));
  await refetched({ ...THING, version: 'v9', content: NAMED('Theirs') });
  expect(result.current.content).toEqual(NAMED('Fired clay'));
  expect(result.current.dirty).toBe(true);
  act(() => result.current.putBack());
  expect(result.current.dirty).toBe(false);
});

test('it is saved once, with the version that was seen, and what is typed meanwhile stays unsaved', async () => {
  const result = await editing();
  type(result, 'Fired clay');
  const both = Promise.all([result.current.save('Saved.'), result.current.save('Saved.')]);
  await settle();
  const sent = asked.filter((one) => one.path.endsWith('/drafts'));
  expect(sent).toHaveLength(1);
  expect(sent[0]?.body).toEqual({
    drafts: [{ kind: 'category', id: 'c1', version: 'v1', content: NAMED('Fired clay') }],
  });
  type(result, 'Fired clay, red');
  await sent[0]?.answer(SAVED);
  await refetched({ ...THING, version: 'v2', content: NAMED('Fired clay') });
  expect(await both).toContain('c1');
  expect(result.current.content).toEqual(NAMED('Fired clay, red'));
  expect(result.current.draft?.version).toBe('v2');
  expect(result.current.dirty).toBe(true);
});

test('where somebody else was quicker, both are kept until one says which', async () => {
  const result = await editing();
  type(result, 'Mine');
  const saving = result.current.save('Saved.');
  await settle();
  const meanwhile = { by: 'Bo', version: 'v2', content: NAMED('Theirs') };
  await latest(asked, '/drafts')?.refuse({ code: 'meanwhile', message: 'Bo was first.', meanwhile });
  expect(await saving).toBeNull();
  expect(result.current.meanwhile).toEqual(meanwhile);
  expect(result.current.content).toEqual(NAMED('Mine'));
  act(() => result.current.takeOver(NAMED('Theirs') as never, 'v2', { name: 'Mine' } as never));
  expect(result.current.draft).toMatchObject({ version: 'v2', content: NAMED('Mine') });
  expect(result.current.meanwhile).toBeNull();
});

test('what is wrong stands by its field, and a line that died is said so with all that was typed', async () => {
  const result = await editing(null);
  type(result, '');
  const saving = result.current.save('Saved.');
  await settle();
  await latest(asked, '/drafts')?.refuse(
    { code: 'invalid', message: 'No.', fields: { 'drafts.0.name': 'A name.' } },
    422,
  );
  await saving;
  expect(result.current.wrong).toEqual({ name: 'A name.' });
  type(result, 'Wheels');
  const again = result.current.save('Saved.');
  await settle();
  await latest(asked, '/drafts')?.lose();
  expect(await again).toBeNull();
  expect(result.current.refused?.code).toBe('offline');
  expect(result.current.saving).toBe(false);
  expect(result.current.content).toEqual(NAMED('Wheels'));
});

test('what was asked before it was saved does not come back; it is undone at the address it has then', async () => {
  queries = queriesOf();
  const { result } = renderHook(() => useSave(), { wrapper: inWorkspace(queries) });
  let old: (given: string) => void = () => undefined;
  void queries
    .fetchQuery({ queryKey: ['setup', 'mill'], queryFn: () => new Promise<string>((done) => (old = done)) })
    .catch(() => undefined);
  await settle();
  const saving = result.current.save([], 'Saved.');
  await settle();
  await latest(asked, '/drafts')?.answer({ ...SAVED, slug: 'mill-yard' });
  await settle();
  await saving;
  await act(async () => old('as it was'));
  expect(queries.getQueryData(['setup', 'mill'])).toBeUndefined();
  await act(async () => screen.getByRole('button', { name: 'Undo' }).click());
  expect(vi.mocked((await import('../../resources/js/lib/api')).api.POST).mock.lastCall?.[1]).toMatchObject({
    params: { path: { business: 'mill-yard', id: 'change1' } },
  });
  await latest(asked, '/undo')?.refuse({ code: 'changed_meanwhile', message: 'Bo has changed it since.' });
  expect(screen.getByRole('status').textContent).toContain('Bo has changed it since.');
});

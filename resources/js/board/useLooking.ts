import { useState } from 'react';
import type { Looking } from '../lib/queries';

const SPANS = ['day', 'week'] as const;
const LANES = ['people', 'places', 'units'] as const;
const FORMS = ['lanes', 'table'] as const;
const WHOSE = ['all', 'working', 'chosen'] as const;

/** How it is drawn. */
export type Form = (typeof FORMS)[number];

/** What is looked at, kept in this browser as it was left. */
export function useLooking(business: string) {
  const key = `looking-${business}`;
  const formKey = `form-${business}`;
  const [form, setForm] = useState<Form>(() => oneOf(FORMS, localStorage.getItem(formKey)));
  const draw = (as: Form) => {
    localStorage.setItem(formKey, as);
    setForm(as);
  };
  const [looking, setLooking] = useState(() => readLooking(localStorage.getItem(key)));
  const look = (changes: Partial<Looking>) => {
    const next = { ...looking, ...changes };
    localStorage.setItem(key, JSON.stringify(next));
    setLooking(next);
  };
  return { looking, look, form, draw };
}

/** What was kept, as far as it can still be read. */
export function readLooking(kept: string | null): Looking {
  const before = parsed(kept);
  const staff: unknown = before['staff'];
  return {
    span: oneOf(SPANS, before['span']),
    lanes: oneOf(LANES, before['lanes']),
    whose: oneOf(WHOSE, before['whose']),
    staff: Array.isArray(staff) ? staff.filter((id) => typeof id === 'string') : [],
    location: typeof before['location'] === 'string' ? before['location'] : '',
  };
}

function parsed(kept: string | null): Record<string, unknown> {
  try {
    const read: unknown = JSON.parse(kept ?? '{}');
    return typeof read === 'object' && read !== null ? { ...read } : {};
  } catch {
    return {};
  }
}

const oneOf = <T extends string>(all: readonly [T, ...T[]], kept: unknown): T =>
  all.find((one) => one === kept) ?? all[0];

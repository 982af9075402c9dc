import type { QueryClient } from '@tanstack/react-query';

const GROUPS = ['session', 'sessions', 'session-dates'] as const;

/** What shows it: the first word of the key of each question (lib/queries.ts). */
const SHOWN_BY = {
  /** A booking: where it is, how it stands, what it costs. */
  booking: [
    'board',
    'ribbon',
    'card',
    'desk-times',
    'desk-repeats',
    'clients',
    'sale',
    'sales',
    'day',
    'figures',
    ...GROUPS,
  ],
  /** When groups meet, and who comes. */
  session: ['board', 'ribbon', 'card', 'desk-times', 'effect', 'sales', 'figures', 'clients', ...GROUPS],
  /** Money of a sale, whose slip is shown already. */
  sale: ['card', 'board', 'sales', 'day', 'figures', 'clients', ...GROUPS],
  close: ['day', 'figures'],
  client: ['clients', 'desk-times'],
  reminder: ['reminders'],
} as const;

/** After an act: what it changed is out of date wherever it is shown, and asked for again where it is in sight. */
export async function outdated(queries: QueryClient, what: keyof typeof SHOWN_BY, business: string): Promise<void> {
  await Promise.all(SHOWN_BY[what].map((key) => queries.invalidateQueries({ queryKey: [key, business] })));
}

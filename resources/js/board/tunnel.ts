import { api, Refused, unwrap, type Schemas } from '../lib/api';

/** What was pressed where there was no network: kept in this browser, and sent as soon as there is one. */
export type Press = {
  business: string;
  id: string;
  at: string;
} & ({ state: Schemas['VisitProgress']['state']; undo: boolean } | { text: string });

const KEY = 'pressed';

/** Those that wait, in the order in which they were pressed. */
export function waiting(): Press[] {
  try {
    const kept: unknown = JSON.parse(localStorage.getItem(KEY) ?? '[]');
    return Array.isArray(kept) ? kept.filter(isPress) : [];
  } catch {
    return [];
  }
}

const isPress = (one: unknown): one is Press =>
  typeof one === 'object' &&
  one !== null &&
  'business' in one &&
  'id' in one &&
  'at' in one &&
  ('state' in one || 'text' in one);

const keep = (all: readonly Press[]) => localStorage.setItem(KEY, JSON.stringify(all));

export const later = (press: Press) => keep([...waiting(), press]);

/** Whether nobody answered, rather than somebody with a no. */
export const isTunnel = (wrong: unknown): boolean => wrong instanceof Refused && wrong.status === 0;

export const send = ({ business, id, at, ...press }: Press): Promise<Schemas['Card']> => {
  const params = { path: { business, id } };
  return unwrap(
    'text' in press
      ? api.POST('/api/businesses/{business}/bookings/{id}/notes', { params, body: press })
      : api.POST('/api/businesses/{business}/bookings/{id}/course', { params, body: { ...press, at } }),
  );
};

/**
 * Sends what waits, one after the other. What is answered is done, also with a no: it was said already, or is no longer
 * to be said. The server takes the same press twice as once.
 */
export async function sendWaiting(): Promise<{ sent: number; refused: string[] }> {
  if (underWay) {
    return { sent: 0, refused: [] };
  }
  underWay = true;
  try {
    return await sendAll();
  } finally {
    underWay = false;
  }
}

let underWay = false;

async function sendAll(): Promise<{ sent: number; refused: string[] }> {
  let sent = 0;
  const refused: string[] = [];
  for (const press of waiting()) {
    try {
      await send(press);
      sent += 1;
    } catch (wrong) {
      if (isTunnel(wrong)) {
        break;
      }
      refused.push(wrong instanceof Error ? wrong.message : '');
    }
    keep(waiting().slice(1));
  }
  return { sent, refused };
}

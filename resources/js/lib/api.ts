import createClient from 'openapi-fetch';
import type { components, paths } from './api-types';
import * as say from '@words/lib';
import { LOCALE } from '../language/locale';

export type Schemas = components['schemas'];
export type Refusal = Schemas['Refusal'];

/** A "no" of the API: its sentence, and what is wrong field by field. */
export class Refused extends Error {
  constructor(
    readonly refusal: Refusal,
    readonly status: number,
  ) {
    super(refusal.message);
  }
}

export const api = createClient<paths>({
  headers: { Accept: 'application/json', 'Accept-Language': LOCALE, 'X-Requested-With': 'XMLHttpRequest' },
});

api.use({
  onRequest({ request }) {
    const token = /(?:^|; )XSRF-TOKEN=([^;]+)/.exec(document.cookie)?.[1];
    if (token !== undefined) {
      request.headers.set('X-XSRF-TOKEN', decodeURIComponent(token));
    }
    return request;
  },
});

/** What somebody saw when they act: the act is refused where somebody else was quicker. */
export const asSeen = ({ version }: { version: string }) => ({ headers: { 'If-Match': version } });

/** Who is signed out in the middle of their work hears of it: `me` is asked anew. */
export const signedOut = new EventTarget();

const ENDED = [401, 419];

api.use({
  onResponse({ request, response }) {
    if (ENDED.includes(response.status) && new URL(request.url).pathname.startsWith('/api/businesses')) {
      signedOut.dispatchEvent(new Event('ended'));
    }
    return undefined;
  },
});

type Answer<T> = { data?: T; error?: Refusal; response: Response };

/** The data, or the API's refusal as an error. */
export async function unwrap<T>(answer: Promise<Answer<T>>): Promise<T> {
  const { data, error, response } = await answer.catch(() => {
    throw new Refused({ code: 'offline', message: say.nothingCameBackCheck }, 0);
  });
  if (data !== undefined) {
    return data;
  }
  throw new Refused(error ?? { code: 'broken', message: say.thatDidNotWork }, response.status);
}

export function refusalOf(wrong: unknown): Refusal {
  return wrong instanceof Refused ? wrong.refusal : { code: 'broken', message: say.thatDidNotWork };
}

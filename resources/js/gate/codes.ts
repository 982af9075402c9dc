import { api, unwrap } from '../lib/api';
import type { Booking } from './types';
import { sealed } from './sealed';

/** The code that the link that led here brings along; empty: none. */
export const codeOfLink = (): string => new URLSearchParams(window.location.search).get('code') ?? '';

/** What is held, with these codes in place of any before. */
export const nameCodes = (held: Booking, codes: string[]) =>
  unwrap(api.POST('/gate-api/bookings/{id}/codes', { ...sealed(held), body: { codes } }));

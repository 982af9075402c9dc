import { money } from '../lib/format';
import type { Booking } from './types';
import * as say from '@words/gate';

/** What the button says that books: it pays first, leaves a card, asks only, or books. */
export function bookWords(held: Booking, due: number): string {
  if (due > 0) {
    return say.payAndBook({ amount: money(due, held.currency) });
  }
  if (held.payment === 'card_hold') {
    return held.approval ? say.leaveCardAndAsk : say.leaveCardAndBook;
  }
  return held.approval ? say.askForThisTime : say.book;
}

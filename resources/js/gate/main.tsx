import '../ui/ui.css';
import './gate.css';
import { lazy, startTransition, Suspense } from 'react';
import { createRoot } from 'react-dom/client';
import { withoutSeal } from './address';
import { Gate } from './Gate';
import { keep, knownOf } from './kept';
import type { First } from './types';

/** The pages behind links in mails: whoever comes to book does not load them. */
const BookingPage = lazy(async () => ({ default: (await import('./BookingPage')).BookingPage }));
const OwnPage = lazy(async () => ({ default: (await import('./OwnPage')).OwnPage }));

const data = document.getElementById('first')?.textContent;
const root = document.getElementById('gate');
if (root !== null && data !== undefined && data !== '') {
  // eslint-disable-next-line @typescript-eslint/no-unsafe-assignment -- our own server wrote it into this page
  const first: First = JSON.parse(data);
  // once what is served has been painted, and in slices, so that a slow phone goes on answering touches meanwhile
  setTimeout(() => startTransition(() => createRoot(root).render(<Suspense>{shown(first)}</Suspense>)));
}

function shown({ own, booking, known, ...gate }: First) {
  if (known !== null) {
    keep(knownOf(gate.page.business.slug), known);
    window.history.replaceState(null, '', withoutSeal());
  }
  if (own !== null) {
    return <OwnPage own={own} page={gate.page} />;
  }
  return booking === null ? <Gate {...gate} /> : <BookingPage first={booking} page={gate.page} />;
}

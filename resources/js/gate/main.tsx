import '../ui/ui.css';
import './gate.css';
import { lazy, Suspense } from 'react';
import { createRoot } from 'react-dom/client';
import { Gate } from './Gate';
import type { First } from './types';

/** The page behind the link in a mail: whoever comes to book does not load it. */
const BookingPage = lazy(async () => ({ default: (await import('./BookingPage')).BookingPage }));

const data = document.getElementById('first')?.textContent;
const root = document.getElementById('gate');
if (root !== null && data !== undefined && data !== '') {
  // eslint-disable-next-line @typescript-eslint/no-unsafe-assignment -- our own server wrote it into this page
  const first: First = JSON.parse(data);
  createRoot(root).render(
    first.booking === null ? (
      <Gate page={first.page} times={first.times} quote={first.quote} visit={first.visit} />
    ) : (
      <Suspense>
        <BookingPage first={first.booking} page={first.page} />
      </Suspense>
    ),
  );
}

import '../ui/ui.css';
import './gate.css';
import { createRoot } from 'react-dom/client';
import { BookingPage } from './BookingPage';
import { Gate } from './Gate';
import type { First } from './types';

const data = document.getElementById('first')?.textContent;
const root = document.getElementById('gate');
if (root !== null && data !== undefined && data !== '') {
  // eslint-disable-next-line @typescript-eslint/no-unsafe-assignment -- our own server wrote it into this page
  const first: First = JSON.parse(data);
  createRoot(root).render(
    first.booking === null ? (
      <Gate page={first.page} times={first.times} quote={first.quote} />
    ) : (
      <BookingPage first={first.booking} page={first.page} />
    ),
  );
}

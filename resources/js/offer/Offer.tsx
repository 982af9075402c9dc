import { Navigate, Route, Routes } from 'react-router';
import { Missing } from '../setup/Missing';
import { useSetup } from '../setup/useSetup';
import { Shelf } from '../ui/Shelf';
import { AddOns } from './AddOns';
import { Categories } from './Categories';
import { Dayparts } from './Dayparts';
import { Questions } from './Questions';
import { ServicePage } from './ServicePage';
import { Services } from './Services';

const PARTS = [
  ['services', 'Services'],
  ['categories', 'Categories'],
  ['add-ons', 'Add-ons'],
  ['questions', 'Questions'],
  ['dayparts', 'Parts of the day'],
] as const;

/** What can be booked, and what goes with it. */
export function Offer() {
  const { business, data, may } = useSetup();
  if (data === undefined) {
    return (
      <p className="p-5" role="status">
        Fetching the offer
      </p>
    );
  }
  const base = `/at/${business}/offer`;
  return (
    <main className="room">
      <header className="room-head">
        <h1>Offer</h1>
        <Shelf label="Parts of the offer" parts={PARTS} base={base} />
      </header>
      {may('change-setup') && (
        <Missing business={business} missing={data.missing.filter((one) => one.list === 'services')} />
      )}
      <Routes>
        <Route path="services" element={<Services />} />
        <Route path="services/:id" element={<ServicePage />} />
        <Route path="categories" element={<Categories />} />
        <Route path="add-ons" element={<AddOns />} />
        <Route path="questions" element={<Questions />} />
        <Route path="dayparts" element={<Dayparts />} />
        <Route path="*" element={<Navigate to={`${base}/services`} replace />} />
      </Routes>
    </main>
  );
}

import { Navigate, Route, Routes } from 'react-router';
import { Missing } from '../setup/Missing';
import { useSetup } from '../setup/useSetup';
import { Shelf } from '../ui/Shelf';
import { AddOns } from './AddOns';
import { Categories } from './Categories';
import { Dayparts } from './Dayparts';
import { Prices } from './Prices';
import { Questions } from './Questions';
import { ServicePage } from './ServicePage';
import { Services } from './Services';
import * as say from '@words/offer';

const PARTS = [
  ['services', say.servicesTitle],
  ['categories', say.categories],
  ['add-ons', say.addOns],
  ['prices', say.prices],
  ['questions', say.questions],
  ['dayparts', say.partsDay],
] as const;

/** What can be booked, and what goes with it. */
export function Offer() {
  const { business, data, may } = useSetup();
  if (data === undefined) {
    return (
      <p className="p-5" role="status">
        {say.fetchingOffer}
      </p>
    );
  }
  const base = `/at/${business}/offer`;
  return (
    <main className="room">
      <header className="room-head">
        <h1>{say.offer}</h1>
        <Shelf label={say.partsOffer} parts={PARTS} base={base} />
      </header>
      {may('change-setup') && (
        <Missing business={business} missing={data.missing.filter((one) => one.list === 'services')} />
      )}
      <Routes>
        <Route path="services" element={<Services />} />
        <Route path="services/:id" element={<ServicePage />} />
        <Route path="categories" element={<Categories />} />
        <Route path="add-ons" element={<AddOns />} />
        <Route path="prices" element={<Prices />} />
        <Route path="questions" element={<Questions />} />
        <Route path="dayparts" element={<Dayparts />} />
        <Route path="*" element={<Navigate to={`${base}/services`} replace />} />
      </Routes>
    </main>
  );
}

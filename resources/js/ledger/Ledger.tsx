import { Navigate, Route, Routes } from 'react-router';
import { useSetup } from '../setup/useSetup';
import { Shelf } from '../ui/Shelf';
import { DayClose } from './DayClose';
import { Figures } from './Figures';
import { SaleList } from './SaleList';
import { SalePage } from './SalePage';
import { SellForm } from './SellForm';
import * as say from '@words/ledger';

/** Money: what was sold, what a day came to, tax and pay. */
export function Ledger() {
  const { business, data, may } = useSetup();
  if (data === undefined) {
    return (
      <p className="p-5" role="status">
        {say.fetching}
      </p>
    );
  }
  const base = `/at/${business}/ledger`;
  const parts = [
    ['sales', say.sales],
    ['day', say.dayClose],
    ...(may('see-ledger') ? ([['figures', say.figures]] as const) : []),
  ] as const;
  return (
    <main className="room">
      <header className="room-head">
        <h1>{say.ledger}</h1>
        <Shelf label={say.parts} parts={parts} base={base} />
      </header>
      <Routes>
        <Route path="sales" element={<SaleList />} />
        {may('take-money') && <Route path="sales/new" element={<SellForm />} />}
        <Route path="sales/:id" element={<SalePage />} />
        <Route path="day" element={<DayClose />} />
        <Route path="figures" element={<Figures />} />
        <Route path="*" element={<Navigate to={`${base}/sales`} replace />} />
      </Routes>
    </main>
  );
}

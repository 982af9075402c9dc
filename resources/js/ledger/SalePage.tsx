import { useQuery } from '@tanstack/react-query';
import { Link, useParams } from 'react-router';
import { dateIn, moment } from '../lib/format';
import { sale as saleQuery } from '../lib/queries';
import { SalePanel } from '../sales/SalePanel';
import { useSetup } from '../setup/useSetup';
import { useNames } from '../ui/useNames';
import * as say from '@words/ledger';

/** One sale, whole, and the visits it is for. */
export function SalePage() {
  const { id = '' } = useParams();
  const { business, data, may } = useSetup();
  const { shown } = useNames();
  const zone = data?.timeZone ?? 'UTC';
  const { data: sale } = useQuery(saleQuery(business, id));
  return (
    <div className="grid gap-4">
      <p>
        <Link to={`/at/${business}/ledger/sales`}>{say.backToSales}</Link>
      </p>
      {sale !== undefined && (
        <header className="grid gap-1">
          <h2>{sale.name === '' ? say.nobody : shown(sale.name)}</h2>
          <p className="text-soft">{say.saleOf({ at: moment(sale.at, zone) })}</p>
          {sale.bookings.map((booking) => (
            <p key={booking.id}>
              <Link to={`/at/${business}/board?date=${dateIn(booking.start, zone)}&booking=${booking.id}`}>
                {say.onTheBoard({ service: booking.service, at: moment(booking.start, zone) })}
              </Link>
            </p>
          ))}
        </header>
      )}
      <SalePanel business={business} id={id} zone={zone} mayChange={may('take-money')} />
    </div>
  );
}

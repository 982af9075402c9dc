import type { Schemas } from '../lib/api';
import { clock, dateIn, longDate, money } from '../lib/format';
import { WhyRows } from './WhyRows';
import * as say from '@words/board';

type Props = {
  business: string;
  /** Whose it is. */
  name: string;
  tried: Schemas['MoveTried'];
  names: ReadonlyMap<string, string>;
  zone: string;
  currency: string;
};

/** Where a booking would be, with whom instead of whom, and what it costs there; or what stands in the way. */
export function TriedThere({ business, name, tried, names, zone, currency }: Props) {
  const who = (ids: readonly string[]) => ids.map((id) => names.get(id) ?? '').join(', ');
  return (
    <>
      <p>
        <b>{name}</b>{' '}
        {say.wouldBe({
          date: longDate(dateIn(tried.start, zone)),
          from: clock(tried.start, zone),
          to: clock(tried.end, zone),
          who: who(tried.staff),
        })}
        {tried.instead.length > 0 && (
          <b className="block">{say.insteadOf({ who: who(tried.staff), was: who(tried.instead) })}</b>
        )}
        {tried.fits && tried.price !== tried.was && (
          <b className="block">
            {say.costsInstead({ price: money(tried.price, currency), was: money(tried.was, currency) })}
          </b>
        )}
      </p>
      {tried.breaks.length > 0 && (
        <ul className="grid gap-0.5 text-sm text-clay">
          {tried.breaks.map((says) => (
            <li key={says}>{says}</li>
          ))}
        </ul>
      )}
      {!tried.fits && <p>{say.cannotBeThen}</p>}
      {!tried.fits && <WhyRows business={business} rows={tried.rows} />}
    </>
  );
}

import { refusalOf } from '../lib/api';
import { useSetup } from '../setup/useSetup';
import type { Draft } from '../setup/things';
import { Wrong } from '../ui/Wrong';
import { hintLook } from '../ui/Labelled';
import { LiveSlip } from './LiveSlip';
import { LiveWish } from './LiveWish';
import type { ServiceContent } from './service';
import { useLivePrice } from './useLivePrice';
import * as say from '@words/offer';

type Props = { business: string; draft: Draft; content: ServiceContent };

/** A visit to try the prices on: what it costs, line by line, each with the rule that made it. */
export function LivePrice({ business, draft, content }: Props) {
  const { data: setup } = useSetup();
  const { wish, set, data, error } = useLivePrice(business, draft, setup?.timeZone ?? 'UTC');
  const currency = setup?.currency ?? 'EUR';
  return (
    <aside className="effect" aria-label={say.liveTitle}>
      <h2>{say.liveTitle}</h2>
      <p className={hintLook}>{say.liveHelp}</p>
      <LiveWish wish={wish} set={set} content={content} />
      {error !== null && <Wrong as="p">{refusalOf(error).message}</Wrong>}
      {data !== undefined && error === null && (
        <LiveSlip before={data.before} after={data.after} party={wish.party} currency={currency} />
      )}
    </aside>
  );
}

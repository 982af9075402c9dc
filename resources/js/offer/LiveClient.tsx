import { useQuery } from '@tanstack/react-query';
import { clients } from '../lib/queries';
import { useSetup } from '../setup/useSetup';
import { Select } from '../ui/Select';
import type { Wish } from './useLivePrice';
import * as say from '@words/offer';

type Props = { wish: Wish; set: (changes: Partial<Wish>) => void };

/** Which of those who have prices of their own it is, where there are any. */
export function LiveClient({ wish, set }: Props) {
  const { business, may } = useSetup();
  const { data } = useQuery({ ...clients(business, ''), enabled: may('see-sales') });
  const own = (data?.clients ?? []).filter((client) => client.rates.length > 0);
  return own.length === 0 ? null : (
    <Select
      id="live-client"
      label={say.liveClient}
      value={wish.client ?? ''}
      options={[['', say.liveAnyClient], ...own.map((client) => [client.id, client.name] as const)]}
      onValue={(client) => set({ client: client === '' ? null : client })}
    />
  );
}

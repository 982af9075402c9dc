import { keepPreviousData, onlineManager, useQuery, useQueryClient } from '@tanstack/react-query';
import { useEffect, useSyncExternalStore } from 'react';
import { longDate, writeHoursOf } from '../lib/format';
import { isTunnel } from './tunnel';
import { board as boardQuery, boardVersion, ribbon, type Looking } from '../lib/queries';
import { outdated } from '../lib/outdated';

/** The Board as it stands: fetched again as soon as anything has happened to it. */
export function useBoard(business: string, date: string | null, looking: Looking) {
  const queries = useQueryClient();
  const { data, error } = useQuery({ ...boardQuery(business, date, looking), placeholderData: keepPreviousData });
  const { data: fortnight } = useQuery({ ...ribbon(business, date), placeholderData: keepPreviousData });
  const { data: version, error: lost } = useQuery({ ...boardVersion(business), retry: false });
  const isOnline = useSyncExternalStore(
    (changed) => onlineManager.subscribe(changed),
    () => onlineManager.isOnline(),
  );
  useEffect(() => {
    if (version !== undefined && data !== undefined && version.version !== data.version) {
      void outdated(queries, 'booking', business);
    }
  }, [version, data, queries, business]);
  useEffect(() => {
    if (data !== undefined) {
      document.title = `${longDate(data.date)}, ${data.business.name}`;
    }
  }, [data]);
  if (data !== undefined) {
    writeHoursOf(data.business.clock);
  }
  return {
    board: data,
    error,
    ribbon: fortnight?.days ?? [],
    now: version?.now ?? data?.now ?? '',
    isCutOff: isTunnel(lost) || !isOnline,
  };
}

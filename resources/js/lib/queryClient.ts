import { onlineManager, QueryClient, type DefaultOptions } from '@tanstack/react-query';
import { Refused } from './api';

/**
 * How the workspace asks. Without a line a question fails rather than waits for one, so that an act whose answer has
 * come ends, and its buttons can be pressed again; it is asked again when there is a line.
 */
export const ASKING: DefaultOptions = {
  queries: {
    networkMode: 'always',
    retry: (failures, wrong) => onlineManager.isOnline() && !isNo(wrong) && failures < 2,
    refetchOnReconnect: true,
    refetchOnWindowFocus: true,
  },
  mutations: { networkMode: 'always' },
};

/** Whether somebody answered, and would answer the same again. */
const isNo = (wrong: unknown) => wrong instanceof Refused && wrong.status >= 400 && wrong.status < 500;

export const newQueryClient = () => new QueryClient({ defaultOptions: ASKING });

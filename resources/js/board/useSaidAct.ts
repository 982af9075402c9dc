import { useNotices } from '../ui/Notices';
import { useAct } from './useAct';

/** Does something of which nothing is seen but that it was done: that is said. */
export function useSaidAct(done: string) {
  const notices = useNotices();
  return useAct<unknown>(() => notices.say(done));
}

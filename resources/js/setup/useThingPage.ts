import { useNavigate } from 'react-router';
import { stillHere } from '../lib/stillHere';
import { useStranded } from './Stranded';
import type { Contents, Kind } from './things';
import { useSetup } from './useSetup';
import { useThing } from './useThing';

/**
 * A thing with a page of its own: edited, and saved together with what becomes of stranded bookings. What is new, or
 * was removed by somebody else and is saved again, gets another id; then `pathOf` says where one goes on.
 */
export function useThingPage<K extends Kind>(
  kind: K,
  id: string | null,
  fresh: Contents[K] | null,
  pathOf: (id: string) => string,
) {
  const navigate = useNavigate();
  const { business, data, may } = useSetup();
  const editing = useThing(kind, id, fresh);
  const stranded = useStranded();
  const save = async (done: string): Promise<void> => {
    const isStillHere = stillHere();
    const saved = await editing.save(done);
    if (saved !== null) {
      await stranded.carryOut();
      if (saved !== id && isStillHere()) {
        await navigate(`/at/${business}/${pathOf(saved)}`);
      }
    }
  };
  return { business, data, may, editing, stranded, save };
}

import { arrayMove } from '@dnd-kit/sortable';
import { useMutation, useQueryClient } from '@tanstack/react-query';
import { refusalOf } from '../lib/api';
import { useNotices } from '../ui/Notices';
import { draftOf, thing } from './things';
import { useSave } from './useSave';
import * as say from '@words/setup';

type List =
  | 'services'
  | 'categories'
  | 'staff'
  | 'locations'
  | 'pools'
  | 'addOns'
  | 'questions'
  | 'dayparts'
  | 'taxRates'
  | 'surcharges'
  | 'offerCodes';

/**
 * The order of a list: shown at once, saved behind. Moves are saved one after the other, so that an earlier answer
 * never takes back a later move; a move refused is taken back, and why is said.
 *
 * @param ids all of the list, in the order that is saved
 */
export function useOrder(list: List, ids: readonly string[]) {
  const queries = useQueryClient();
  const notices = useNotices();
  const { business, save } = useSave({ aloud: true });
  const saving = useMutation({
    scope: { id: `order ${list}` },
    mutationFn: async (next: string[]) => {
      const now = await queries.query({ ...thing(business, 'order', list), staleTime: 0 });
      await save([draftOf.order(list, { ids: next }, now.version)], say.orderSaved);
    },
    onError: (wrong) => notices.say(refusalOf(wrong).message),
  });
  const order = saving.isPending ? saving.variables : ids;
  return {
    /** Rows of the list, all or some, in its order. */
    sorted: <Row extends { id: string }>(rows: readonly Row[]): Row[] =>
      rows.toSorted((one, other) => order.indexOf(one.id) - order.indexOf(other.id)),
    /** Puts `id` where `other` is. */
    move: (id: string, other: string) => saving.mutate(arrayMove([...order], order.indexOf(id), order.indexOf(other))),
  };
}

import { useQueryClient } from '@tanstack/react-query';
import { useState, type DragEvent, type KeyboardEvent } from 'react';
import { draftOf, thing } from './things';
import { useSave } from './useSave';

type List = 'services' | 'categories' | 'staff' | 'locations' | 'pools' | 'addOns' | 'questions' | 'dayparts';

/**
 * The order of a list, changed by dragging a row onto another or by the arrow keys on its handle; saved at once. `ids`
 * are all of the list, in its order now.
 */
export function useOrder(list: List, ids: readonly string[], mayChange: boolean) {
  const queries = useQueryClient();
  const saving = useSave();
  const [dragged, setDragged] = useState<string | null>(null);
  const put = async (next: string[]) => {
    const now = await queries.query({ ...thing(saving.business, 'order', list), staleTime: 0 });
    await saving.save([draftOf.order(list, { ids: next }, now.version)], 'Order saved.');
  };
  const move = (id: string, before: string) => {
    const rest = ids.filter((one) => one !== id);
    const at = rest.indexOf(before) + (ids.indexOf(id) < ids.indexOf(before) ? 1 : 0);
    void put([...rest.slice(0, at), id, ...rest.slice(at)]);
  };
  return {
    rowProps: (id: string) =>
      mayChange
        ? {
            draggable: true,
            'data-dragged': dragged === id,
            onDragStart: () => setDragged(id),
            onDragEnd: () => setDragged(null),
            onDragOver: (event: DragEvent) => event.preventDefault(),
            onDrop: () => dragged !== null && dragged !== id && move(dragged, id),
          }
        : {},
    handleProps: (id: string, name: string) => ({
      'aria-label': `Place of ${name}: ${ids.indexOf(id) + 1} of ${ids.length}; arrow keys move it`,
      onKeyDown: (event: KeyboardEvent) => {
        const other = ids[ids.indexOf(id) + ({ ArrowUp: -1, ArrowDown: 1 }[event.key] ?? 0)];
        if (other !== undefined && other !== id) {
          event.preventDefault();
          move(id, other);
        }
      },
    }),
  };
}

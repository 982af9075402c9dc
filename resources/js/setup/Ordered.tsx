import {
  closestCenter,
  DndContext,
  KeyboardSensor,
  PointerSensor,
  useSensor,
  useSensors,
  type Announcements,
  type Modifier,
} from '@dnd-kit/core';
import {
  SortableContext,
  sortableKeyboardCoordinates,
  useSortable,
  verticalListSortingStrategy,
} from '@dnd-kit/sortable';
import type { KeyboardEvent, ReactNode } from 'react';
import { Rows } from '../ui/Row';
import * as say from '@words/setup';
import './Ordered.css';

type Row = { id: string; name: string };
type Props<R extends Row> = {
  rows: readonly R[];
  mayChange: boolean;
  /** `id` goes where `other` is. */
  onMove: (id: string, other: string) => void;
  /** What a row shows; the handle is nothing where the order may not be changed. */
  children: (row: R, handle: ReactNode) => ReactNode;
};

const HOW = say.arrowKeysMoveBy;
const upAndDown: Modifier = ({ transform }) => ({ ...transform, x: 0 });

/** Rows in an order of the owner's: dragged by their handle with mouse or finger, or moved by keys. */
export function Ordered<R extends Row>({ rows, mayChange, onMove, children }: Props<R>) {
  const sensors = useSensors(
    useSensor(PointerSensor, { activationConstraint: { distance: 4 } }), // px: a press alone is no drag
    useSensor(KeyboardSensor, { coordinateGetter: sortableKeyboardCoordinates }),
  );
  const ids = rows.map((row) => row.id);
  return (
    <DndContext
      sensors={sensors}
      collisionDetection={closestCenter}
      modifiers={[upAndDown]}
      accessibility={{ announcements: announcements(rows), screenReaderInstructions: { draggable: HOW } }}
      onDragEnd={({ active, over }) => {
        if (over !== null && over.id !== active.id) {
          onMove(String(active.id), String(over.id));
        }
      }}
    >
      <SortableContext items={ids} strategy={verticalListSortingStrategy}>
        <Rows>
          {rows.map((row, at) => (
            <OrderedRow
              key={row.id}
              row={row}
              mayChange={mayChange}
              place={say.placeOfPlaces({ place: at + 1, places: rows.length })}
              onStep={(by) => {
                const other = ids[at + by];
                if (other !== undefined) {
                  onMove(row.id, other);
                }
              }}
            >
              {(handle) => children(row, handle)}
            </OrderedRow>
          ))}
        </Rows>
      </SortableContext>
    </DndContext>
  );
}

type RowProps = {
  row: Row;
  mayChange: boolean;
  /** "2 of 5" */
  place: string;
  onStep: (by: 1 | -1) => void;
  children: (handle: ReactNode) => ReactNode;
};

function OrderedRow({ row, mayChange, place, onStep, children }: RowProps) {
  const { attributes, isDragging, listeners, setActivatorNodeRef, setNodeRef, transform, transition } = useSortable({
    id: row.id,
    disabled: !mayChange,
  });
  const onKeyDown = (event: KeyboardEvent) => {
    if (!isDragging && (event.key === 'ArrowUp' || event.key === 'ArrowDown')) {
      event.preventDefault();
      onStep(event.key === 'ArrowUp' ? -1 : 1);
      return;
    }
    listeners?.['onKeyDown']?.(event);
  };
  return (
    <li
      ref={setNodeRef}
      data-lifted={isDragging}
      style={{ translate: transform === null ? undefined : `0 ${transform.y}px`, transition }}
    >
      {children(
        mayChange && (
          <button
            type="button"
            className="handle"
            ref={setActivatorNodeRef}
            aria-label={say.placeOf({ name: row.name, place })}
            aria-describedby={attributes['aria-describedby']}
            {...listeners}
            onKeyDown={onKeyDown}
          >
            <span aria-hidden="true">⠿</span>
          </button>
        ),
      )}
    </li>
  );
}

/** What is read out while a row is carried. */
function announcements(rows: readonly Row[]): Announcements {
  const name = (id: string | number) => rows.find((row) => row.id === id)?.name ?? '';
  const place = (id: string | number) =>
    say.placeOfPlaces({ place: rows.findIndex((row) => row.id === id) + 1, places: rows.length });
  return {
    onDragStart: ({ active }) => say.lifted({ name: name(active.id) }),
    onDragOver: ({ active, over }) =>
      over === null ? undefined : say.wouldBe({ name: name(active.id), place: place(over.id) }),
    onDragEnd: ({ active, over }) =>
      over === null ? undefined : say.isNow({ name: name(active.id), place: place(over.id) }),
    onDragCancel: ({ active }) => say.staysWhereWas({ name: name(active.id) }),
  };
}

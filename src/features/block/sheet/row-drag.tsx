import {
  DndContext,
  type DragEndEvent,
  PointerSensor,
  useDraggable,
  useSensor,
  useSensors,
} from '@dnd-kit/core';
import classes from '../block.module.css';

/** A drag begins once the pointer has gone so far: until then it is a click. */
const DISTANCE = 5;

interface RowDragProps {
  /** A slot was set down at a row, on its lower half or its upper. */
  readonly onDrop: (slot: string, onto: string, below: boolean) => void;
  readonly children: React.ReactNode;
}

/** Slots are dragged by the number before their name and set down at any row. */
export function RowDrag({ onDrop, children }: RowDragProps) {
  const sensors = useSensors(useSensor(PointerSensor, { activationConstraint: { distance: DISTANCE } }));
  const drop = ({ active, activatorEvent, delta }: DragEndEvent) => {
    if (!(activatorEvent instanceof MouseEvent)) return;
    const [x, y] = [activatorEvent.clientX + delta.x, activatorEvent.clientY + delta.y];
    const row = window.document.elementFromPoint(x, y)?.closest('tr');
    const onto = row?.querySelector<HTMLElement>('[data-row]')?.dataset.row;
    const box = row?.getBoundingClientRect();
    if (onto !== undefined && box !== undefined)
      onDrop(String(active.id), onto, y > box.top + box.height / 2);
  };
  return (
    <DndContext id="sheet" sensors={sensors} onDragEnd={drop}>
      {children}
    </DndContext>
  );
}

/** The number of a slot in its session: what it is dragged by. */
export function DragHandle({ slotId, at }: { readonly slotId: string; readonly at: number }) {
  const { setNodeRef, listeners, isDragging } = useDraggable({ id: slotId });
  return (
    <span
      ref={setNodeRef}
      {...listeners}
      className={classes.at}
      data-drag={isDragging ? 'now' : ''}
      title="Drag to another place"
    >
      {at}
    </span>
  );
}

import {
  DndContext,
  type DragEndEvent,
  MouseSensor,
  TouchSensor,
  useDraggable,
  useSensor,
  useSensors,
} from '@dnd-kit/core';
import { useWindowEvent } from '@mantine/hooks';
import { useRef } from 'react';
import * as words from '@/ui/words/screens/sheet';
import classes from '../block.module.css';
import { TOUCH } from '../touch';

/** Pointer distance that starts a drag; below it is a click. */
const DISTANCE = 5;

interface RowDragProps {
  /** A slot was dropped on a row, on its lower or upper half. */
  readonly onDrop: (slot: string, onto: string, below: boolean) => void;
  readonly children: React.ReactNode;
}

/** Slots are dragged by the number before their name and dropped on any row. */
export function RowDrag({ onDrop, children }: RowDragProps) {
  const sensors = useSensors(
    useSensor(MouseSensor, { activationConstraint: { distance: DISTANCE } }),
    useSensor(TouchSensor, { activationConstraint: TOUCH }),
  );
  // The pointer's position on screen: the drag's own offset includes scrolling.
  const pointer = useRef({ x: 0, y: 0 });
  useWindowEvent('pointermove', ({ clientX, clientY }) => {
    pointer.current = { x: clientX, y: clientY };
  });
  const drop = ({ active }: DragEndEvent) => {
    const { x, y } = pointer.current;
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

/** A slot's number in its session, which is its drag handle. */
export function DragHandle({ slotId, at }: { readonly slotId: string; readonly at: number }) {
  const { setNodeRef, listeners, isDragging } = useDraggable({ id: slotId });
  return (
    <span
      ref={setNodeRef}
      {...listeners}
      className={classes.at}
      data-drag={isDragging ? 'now' : ''}
      title={words.dragToMove}
    >
      {at}
    </span>
  );
}

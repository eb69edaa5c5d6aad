import { useCallback, useRef, useState } from 'react';
import type { Focus } from '../focus';
import type { Range } from './clipboard';
import type { Leave } from './editor';
import type { Editing } from './grid-props';
import { type Cell, type ColumnId, nearestColumn, type Row, usedColumns, weekOf } from './layout';

const PAGE = 10;
const LEAVES: Readonly<Record<Leave, readonly [across: number, down: number]>> = {
  stay: [0, 0],
  down: [0, 1],
  up: [0, -1],
  right: [1, 0],
  left: [-1, 0],
};
const STEPS: Readonly<Record<string, readonly [across: number, down: number]>> = {
  ArrowLeft: [-1, 0],
  ArrowRight: [1, 0],
  ArrowUp: [0, -1],
  ArrowDown: [0, 1],
  PageUp: [0, -PAGE],
  PageDown: [0, PAGE],
};

/** The cell this many used columns and rows away; the same one at an edge. */
export function cellAway(
  cell: Cell,
  across: number,
  down: number,
  rows: readonly Row[],
  columns: readonly ColumnId[],
): Cell {
  const at = rows.findIndex(({ id }) => id === cell.row);
  const row = rows[at];
  if (row === undefined) return cell;
  if (across !== 0) {
    const used = usedColumns(row, columns);
    const to = used[Math.max(0, Math.min(used.length - 1, used.indexOf(cell.column) + across))];
    return to === undefined ? cell : { row: row.id, column: to };
  }
  // Long jumps stop at the last row; the row of weeks is only entered from a week.
  const wished = Math.max(0, Math.min(rows.length - 1, at + down));
  for (let to = wished; to >= 0 && to < rows.length; to += Math.sign(down) || 1) {
    const next = rows[to] as Row;
    const column = nearestColumn(next, cell.column, columns);
    if (column !== undefined && (next.kind !== 'weeks' || weekOf(cell.column) !== null))
      return { row: next.id, column };
  }
  return cell;
}

/** The table's cursor, the open cell, and what is explained. */
export function useCursor(start: Cell, rows: readonly Row[], columns: readonly ColumnId[]) {
  const [wished, setWished] = useState<Cell>(start);
  const [focus, setFocus] = useState<Focus | null>({ kind: 'cell', cell: start });
  const [moved, setMoved] = useState(false);
  const [editing, setEditing] = useState<Editing | null>(null);
  const [anchor, setAnchor] = useState<Cell | null>(null);
  // A row may have been removed by an undo or elsewhere.
  const cursor = rows.some(({ id }) => id === wished.row)
    ? wished
    : { row: 'weeks', column: columns.find((column) => weekOf(column) !== null) ?? 'slot' };

  const from = useRef(start);
  from.current = cursor as Cell;
  /** Moves to a cell; with `extend` the range from its start is extended. */
  const move = useCallback((cell: Cell, extend = false) => {
    setAnchor((before) => (extend ? (before ?? from.current) : null));
    setWished(cell);
    setMoved(true);
    setFocus({ kind: 'cell', cell });
  }, []);
  const range: Range | null =
    anchor === null || !rows.some(({ id }) => id === anchor.row)
      ? null
      : { from: anchor, to: cursor as Cell };

  const step = (across: number, down: number, extend = false) =>
    move(cellAway(cursor, across, down, rows, columns), extend);

  return {
    cursor: cursor as Cell,
    columns,
    range,
    dropRange: () => setAnchor(null),
    moved,
    focus,
    editing,
    setFocus,
    move,
    step,
    row: rows.find(({ id }) => id === cursor.row),
    /** Handles a navigation key; returns whether it was one. */
    stepByKey(key: string, extend = false): boolean {
      const away = STEPS[key];
      if (away !== undefined) step(...away, extend);
      const row = rows.find(({ id }) => id === cursor.row);
      const used = row === undefined ? [] : usedColumns(row, columns);
      const edge = key === 'Home' ? used[0] : key === 'End' ? used.at(-1) : undefined;
      if (edge !== undefined) move({ row: cursor.row, column: edge }, extend);
      return away !== undefined || edge !== undefined;
    },
    /** Opens a cell for typing, with `text` instead of its content. In a week it edits the override. */
    edit(cell: Cell, text: string | null = null): void {
      const row = rows.find(({ id }) => id === cell.row);
      if (row === undefined || row.kind === 'weeks') return;
      if (row.kind === 'session' && weekOf(cell.column) !== null) return;
      move(cell);
      // Letters typed while the editor is still loading are kept.
      setEditing((before) =>
        before?.cell.row === cell.row && before.cell.column === cell.column && text !== null
          ? { cell, text: (before.text ?? '') + text }
          : { cell, text },
      );
    },
    close: () => setEditing(null),
    leave(cell: Cell, by: Leave): void {
      setEditing(null);
      const [across, down] = LEAVES[by];
      if (by !== 'stay') move(cellAway(cell, across, down, rows, columns));
    },
  };
}

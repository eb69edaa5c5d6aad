import type { Proposal } from '@/core';
import { cellsOf, type Range } from './clipboard';
import type { Cell, Row } from './layout';
import type { useCursor } from './use-cursor';
import type { useTableEdits } from './use-table-edits';

interface TableKeys {
  readonly table: ReturnType<typeof useCursor>;
  readonly edits: ReturnType<typeof useTableEdits>;
  /** Open load proposals in the cursor's cell. */
  readonly waiting: readonly Proposal[];
  readonly onAnswer: (calls: readonly Proposal[], outcome: 'accepted' | 'declined') => void;
  /** Shows why a command was refused. */
  readonly onOutcome: (outcome: { readonly ok: boolean }) => void;
}

/** The range a command works on: the selection, or the cursor's cell. */
export function rangeOf(range: Range | null, cursor: Cell): Range {
  return range ?? { from: cursor, to: cursor };
}

/** The row above with the cursor's column, so that a single cell is filled from above. */
function fromAbove(rows: readonly Row[], cursor: Cell): Range {
  const slots = rows.filter(({ kind }) => kind === 'slot');
  const above = slots[slots.findIndex(({ id }) => id === cursor.row) - 1];
  return { from: { row: above?.id ?? cursor.row, column: cursor.column }, to: cursor };
}

/** Handles the table's keys; returns whether it was one. */
export function tableKeys({ table, edits, waiting, onAnswer, onOutcome }: TableKeys, rows: readonly Row[]) {
  const { cursor, row, range } = table;

  const control = (key: string): boolean => {
    if (key === 'd') onOutcome(edits.fillDown(range ?? fromAbove(rows, cursor)));
    else if (key === 'r') onOutcome(edits.fillAcross(rangeOf(range, cursor)));
    else return false;
    return true;
  };

  const alt = (key: string): boolean => {
    if (row === undefined) return false;
    if (key === 'ArrowUp' || key === 'ArrowDown') edits.shift(row, key === 'ArrowUp' ? -1 : 1);
    else return false;
    return true;
  };

  const remove = (key: string): void => {
    if (row === undefined) return;
    if (waiting.length > 0) onAnswer(waiting, 'declined');
    else if (range !== null && cellsOf(range, { rows, columns: table.columns }).columns.join() === 'slot') {
      const { rows: chosen } = cellsOf(range, { rows, columns: table.columns });
      const below = rows[rows.findIndex(({ id }) => id === chosen.at(-1)?.id) + 1];
      const above = rows[rows.findIndex(({ id }) => id === chosen[0]?.id) - 1];
      edits.removeSlots(range);
      table.move({ row: (below ?? above)?.id ?? cursor.row, column: 'slot' });
    } else if (range !== null || cursor.column !== 'slot') onOutcome(edits.clear(rangeOf(range, cursor)));
    else if (key === 'Delete') {
      table.step(0, row.kind === 'slot' && row.at < row.session.slots.length ? 1 : -1);
      edits.remove(row);
    }
  };

  return (event: React.KeyboardEvent): boolean => {
    const { key, shiftKey } = event;
    if (row === undefined) return false;
    if (event.ctrlKey || event.metaKey) return !shiftKey && control(key.toLowerCase());
    if (event.altKey) return alt(key);
    if (key === 'Escape' && range !== null) table.dropRange();
    else if (key === 'Enter' || key === 'F2') {
      const link = event.target instanceof Element ? event.target.querySelector('a') : null;
      if (waiting.length > 0) onAnswer(waiting, 'accepted');
      // A trained session opens as it was done.
      else if (link !== null) link.click();
      else table.edit(cursor);
    } else if (key === 'Delete' || key === 'Backspace') remove(key);
    else if (key.length === 1 && key !== ' ' && key !== '?') table.edit(cursor, key);
    else return table.stepByKey(key, shiftKey);
    return true;
  };
}

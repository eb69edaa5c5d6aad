import {
  type Athlete,
  type Block,
  type BlockPlan,
  type Catalogue,
  type Edit,
  ok,
  type Result,
  refused,
} from '@/core';
import { newId } from '@/ui/new-id';
import { type ClipboardInput, cellsOf, type Range } from './clipboard';
import { type Cell, type ColumnId, type Row, weekOf } from './layout';

/** What the table's edits use. */
export interface Table {
  readonly block: Block;
  readonly athlete: Athlete;
  readonly catalogue: Catalogue;
  readonly blockPlan: BlockPlan;
  readonly rows: readonly Row[];
  readonly columns: readonly ColumnId[];
  /** Applies an edit, and says what is wrong if it is refused. */
  readonly attempt: (edit: Edit) => Result<null>;
  /** Applies an edit silently: the caller shows problems beside the cell. */
  readonly change: (edit: Edit) => Result<null>;
  readonly move: (cell: Cell) => void;
}

/** An id for a new slot or session. */
export const shortId = () => newId().slice(0, 12);

export function clipboardInput(table: Table): ClipboardInput {
  return { ...table, newId: shortId };
}

export function rowAt({ rows }: Table, cell: Cell): Row | undefined {
  return rows.find(({ id }) => id === cell.row);
}

/** Refuses edits of a sent week. */
export function unissuedWeeks({ blockPlan }: Table, columns: readonly ColumnId[]): Result<null> {
  const issued = columns
    .map(weekOf)
    .find((week) => blockPlan.weeks.some(({ plan, issued: out }) => plan.week === week && out !== null));
  return issued == null ? ok(null) : refused({ code: 'week-issued', path: 'block/weeks', week: issued });
}

/** Applies an edit made of cells; one without changes is skipped. */
export function applyCellEdit({ attempt }: Table, edit: Result<Edit>): Result<null> {
  if (!edit.ok) return edit;
  if (edit.value.kind === 'batch' && edit.value.edits.length === 0) return ok(null);
  return attempt(edit.value);
}

/** Applies an edit of a range without sent weeks. */
export function applyRangeEdit(
  table: Table,
  range: Range,
  edit: (range: Range, board: ClipboardInput) => Result<Edit>,
): Result<null> {
  const free = unissuedWeeks(table, cellsOf(range, table).columns);
  return free.ok ? applyCellEdit(table, edit(range, clipboardInput(table))) : free;
}

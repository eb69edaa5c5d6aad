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
import { type Board, cellsOf, type Range } from './clipboard';
import { type Cell, type ColumnId, type Row, weekOf } from './layout';

/** What the table's edits look at and go through. */
export interface Table {
  readonly block: Block;
  readonly athlete: Athlete;
  readonly catalogue: Catalogue;
  readonly blockPlan: BlockPlan;
  readonly rows: readonly Row[];
  readonly columns: readonly ColumnId[];
  /** Takes an edit, and says what is wrong where it is refused. */
  readonly attempt: (edit: Edit) => Result<null>;
  /** Takes an edit quietly: who asks says what is wrong beside the cell. */
  readonly change: (edit: Edit) => Result<null>;
  readonly move: (cell: Cell) => void;
}

/** An id for a new slot or session. */
export const shortId = () => newId().slice(0, 12);

export function boardOf(table: Table): Board {
  return { ...table, newId: shortId };
}

export function rowAt({ rows }: Table, cell: Cell): Row | undefined {
  return rows.find(({ id }) => id === cell.row);
}

/** Refuses what would be written into a week that has been handed out. */
export function unissuedWeeks({ blockPlan }: Table, columns: readonly ColumnId[]): Result<null> {
  const issued = columns
    .map(weekOf)
    .find((week) => blockPlan.weeks.some(({ plan, issued: out }) => plan.week === week && out !== null));
  return issued == null ? ok(null) : refused({ code: 'week-issued', path: 'block/weeks', week: issued });
}

/** Takes an edit that was made of cells; one that changes nothing is none. */
export function put({ attempt }: Table, edit: Result<Edit>): Result<null> {
  if (!edit.ok) return edit;
  if (edit.value.kind === 'batch' && edit.value.edits.length === 0) return ok(null);
  return attempt(edit.value);
}

/** Takes an edit of a range that holds no week handed out. */
export function putWithin(
  table: Table,
  range: Range,
  edit: (range: Range, board: Board) => Result<Edit>,
): Result<null> {
  const free = unissuedWeeks(table, cellsOf(range, table).columns);
  return free.ok ? put(table, edit(range, boardOf(table))) : free;
}

import {
  type Block,
  type BlockPlan,
  type Session,
  type SessionPlan,
  type Slot,
  sessionsInOrder,
  type WeekState,
} from '@/core';
import { PRESCRIPTION, type PrescriptionColumn, prescriptionColumn } from './columns/registry';

/** Width of a week's column, in px. */
export const WEEK_WIDTH = 130;

/** Width for reps beside the load, in px. */
export const REPS_WIDTH = 74;

/** Minimum width of a column, in px. */
export function widthOf(column: ColumnId): number {
  return prescriptionColumn(column)?.width ?? WEEK_WIDTH;
}

/** A column of the prescription, or `w3` for week 3. */
export type ColumnId = PrescriptionColumn | `w${number}`;

export type Row =
  | { readonly kind: 'weeks'; readonly id: 'weeks' }
  | { readonly kind: 'session'; readonly id: string; readonly session: Session; readonly letter: string }
  | {
      readonly kind: 'slot';
      readonly id: string;
      readonly session: Session;
      readonly slot: Slot;
      readonly at: number;
    };

/** The cursor's position. Session and block rows use only some columns. */
export interface Cell {
  readonly row: string;
  readonly column: ColumnId;
}

export function weekColumn(week: number): ColumnId {
  return `w${week}`;
}

export function weekOf(column: ColumnId): number | null {
  return column.startsWith('w') ? Number(column.slice(1)) : null;
}

export function columnsOf(blockPlan: BlockPlan): readonly ColumnId[] {
  return [...PRESCRIPTION.map(({ id }) => id), ...blockPlan.weeks.map(({ plan }) => weekColumn(plan.week))];
}

export function rowsOf(block: Block): readonly Row[] {
  const sessions = sessionsInOrder(block).flatMap((session, at): Row[] => [
    { kind: 'session', id: session.id, session, letter: String.fromCharCode(65 + (at % 26)) },
    ...session.slots.map((slot, k): Row => ({ kind: 'slot', id: slot.id, session, slot, at: k + 1 })),
  ]);
  return [{ kind: 'weeks', id: 'weeks' }, ...sessions];
}

/** A session's name, day and place are in these. */
const SESSION_COLUMNS: ReadonlySet<ColumnId> = new Set(['slot', 'sets', 'technique']);

/** The columns a row uses. */
export function usedColumns(row: Row, columns: readonly ColumnId[]): readonly ColumnId[] {
  switch (row.kind) {
    case 'slot':
      return columns;
    case 'session':
      return columns.filter((column) => SESSION_COLUMNS.has(column) || weekOf(column) !== null);
    case 'weeks':
      return columns.filter((column) => weekOf(column) !== null);
  }
}

/** The used column of a row nearest to a given one, preferring the left. */
export function nearestColumn(
  row: Row,
  wished: ColumnId,
  columns: readonly ColumnId[],
): ColumnId | undefined {
  const used = usedColumns(row, columns);
  const at = columns.indexOf(wished);
  return [...used].reverse().find((column) => columns.indexOf(column) <= at) ?? used[0];
}

/** The session of a week, as planned or as sent. */
export function sessionIn(weekState: WeekState, sessionId: string): SessionPlan | undefined {
  return weekState.plan.sessions.find((session) => session.sessionId === sessionId);
}

import {
  type Athlete,
  applyEdit,
  type Block,
  type BlockPlan,
  type Catalogue,
  type Edit,
  type Exercise,
  exchangeExercise,
  findSlot,
  newSlot,
  ok,
  type Problem,
  placeFor,
  type Result,
  refused,
  type SingleEdit,
  type Slot,
  setCount,
  setLimits,
  withSetCount,
} from '@/core';
import type { LikelyExercise } from '@/ui/guess-exercise';
import * as words from '@/ui/words/screens/sheet';
import type { Guess } from './columns/column';
import { namedExercise } from './columns/exercise';
import { cellText, PRESCRIPTION, prescriptionColumn } from './columns/registry';
import { type Cell, type ColumnId, type Row, sessionIn, weekOf } from './layout';
import { overrideText, weekEntry } from './week-entry';
import { cellAsText, setLines } from './week-text';

/** What copying and pasting need. */
export interface ClipboardInput {
  readonly block: Block;
  readonly athlete: Athlete;
  readonly catalogue: Catalogue;
  readonly blockPlan: BlockPlan;
  readonly rows: readonly Row[];
  readonly columns: readonly ColumnId[];
  readonly newId: () => string;
  /** Finds everyday and similar exercise names, and tells which were guessed. */
  readonly likely?: LikelyExercise | undefined;
  readonly onGuess?: ((guess: Guess) => void) | undefined;
}

/** The reader and writer of tab-separated text. */
export type TableText = typeof import('./table-text');

/** A rectangle of cells, both ends included. */
export interface Range {
  readonly from: Cell;
  readonly to: Cell;
}

/** Rows and columns of a range, in order. */
export function cellsOf(
  { from, to }: Range,
  { rows, columns }: Pick<ClipboardInput, 'rows' | 'columns'>,
): { readonly rows: readonly Row[]; readonly columns: readonly ColumnId[] } {
  const [a, b] = [from, to].map(({ row }) => rows.findIndex(({ id }) => id === row)) as [number, number];
  const [c, d] = [from, to].map(({ column }) => columns.indexOf(column)) as [number, number];
  return {
    rows: rows.slice(Math.min(a, b), Math.max(a, b) + 1),
    columns: columns.slice(Math.min(c, d), Math.max(c, d) + 1),
  };
}

/** A cell's text for a spreadsheet, readable again. */
export function cellCopy(row: Row, column: ColumnId, board: ClipboardInput): string {
  if (row.kind === 'weeks') return '';
  if (row.kind === 'session') return column === 'slot' ? row.session.name : '';
  const { slot, session } = row;
  const week = weekOf(column);
  if (week !== null) {
    const own = slot.weeks.find((one) => one.week === week);
    if (own !== undefined) return overrideText(own);
    const weekState = board.blockPlan.weeks.find(({ plan }) => plan.week === week);
    const planned = plannedSlot(board.blockPlan, week, session.id, slot.id);
    if (planned === undefined || weekState === undefined) return '';
    return cellAsText(setLines(planned, weekState, session.id));
  }
  const context = { ...board, place: placeFor(board.athlete, session.place) };
  const prescription = prescriptionColumn(column);
  if (prescription === undefined) return '';
  return (
    prescription.copy?.(slot, context, board.catalogue.find(slot.exercise)) ??
    cellText(prescription.id, slot, context).typed
  );
}

function plannedSlot(blockPlan: BlockPlan, week: number, sessionId: string, slotId: string) {
  const weekState = blockPlan.weeks.find(({ plan }) => plan.week === week);
  if (weekState === undefined) return undefined;
  return sessionIn(weekState, sessionId)?.slots.find((one) => one.slotId === slotId);
}

/** A column's heading in a table for a spreadsheet. */
function headOf(column: ColumnId): string {
  const week = weekOf(column);
  return week === null ? (prescriptionColumn(column)?.head ?? '') : words.week(week);
}

/**
 * Cells as text for a spreadsheet: tabs between columns, lines between rows, headings over more than one column.
 * Names alone stand for whole slots.
 */
export function copyText(
  range: Range,
  board: ClipboardInput,
  { writeTable }: Pick<TableText, 'writeTable'>,
): string {
  const { rows, columns } = cellsOf(range, board);
  const names = columns.length === 1 && columns[0] === 'slot';
  const wanted = names ? PRESCRIPTION.map(({ id }) => id) : columns;
  const lines = rows
    .filter(({ kind }) => kind === 'slot' || !names)
    .map((row) => wanted.map((column) => cellCopy(row, column, board)));
  const heads = wanted.length > 1 ? [wanted.map(headOf)] : [];
  return writeTable([...heads, ...lines]);
}

/** Whole slots of a range, for pasting them unchanged. */
export function copiedSlots(range: Range, board: ClipboardInput): readonly Slot[] {
  const { rows, columns } = cellsOf(range, board);
  if (columns.length !== 1 || columns[0] !== 'slot') return [];
  return rows.flatMap((row) => (row.kind === 'slot' ? [row.slot] : []));
}

/** A spreadsheet's text as cells; headings as copied from here are skipped. */
export function readTable(
  text: string,
  { parseTable }: Pick<TableText, 'parseTable'>,
): readonly (readonly string[])[] {
  const rows = parseTable(text);
  return isHead(rows[0]) ? rows.slice(1) : rows;
}

const HEADS: ReadonlySet<string> = new Set(PRESCRIPTION.map(({ head }) => head.toLowerCase()));

function isHead(row: readonly string[] | undefined): boolean {
  if (row === undefined || row.length < 2) return false;
  return row.every((cell) => HEADS.has(cell.toLowerCase()) || /^(?:wk|week) \d+$/i.test(cell));
}

/** The edit that puts text into one cell of a slot. */
export function cellEdit(
  text: string,
  slot: Slot,
  column: ColumnId,
  place: string | null,
  board: ClipboardInput,
): Result<Edit | null> {
  const { athlete, catalogue, blockPlan } = board;
  const here = placeFor(athlete, place);
  const week = weekOf(column);
  if (week !== null) {
    const exercise = catalogue.find(slot.exercise);
    const session = board.block.sessions.find(({ slots }) => slots.some(({ id }) => id === slot.id));
    if (exercise === undefined)
      return refused({
        code: 'unknown-exercise',
        path: `slot/${slot.id}/${column}`,
        exercise: slot.exercise.id,
      });
    const planned = plannedSlot(blockPlan, week, session?.id ?? '', slot.id);
    return weekEntry(text, slot, week, planned, { exercise, place: here });
  }
  const prescription = prescriptionColumn(column);
  // An empty cell clears what can be cleared, and otherwise changes nothing.
  if (prescription === undefined || (text === '' && prescription.clear === undefined)) return ok(null);
  const { likely, onGuess } = board;
  return prescription.read(text, slot, { athlete, catalogue, place: here, likely, onGuess });
}

/**
 * Pastes a spreadsheet's cells into the table from a cell on: rows below are overwritten, and rows beyond the
 * session's last slot become new slots if the first column names an exercise. All of it or nothing, as one edit.
 */
export function pasteTable(
  table: readonly (readonly string[])[],
  at: Cell,
  board: ClipboardInput,
): Result<Edit> {
  const row = board.rows.find(({ id }) => id === at.row);
  if (row === undefined || row.kind === 'weeks')
    return refused({ code: 'unknown-id', path: at.row, id: at.row });
  const sessionId = row.session.id;
  const place = row.session.place;
  const from = board.columns.indexOf(row.kind === 'session' ? 'slot' : at.column);
  const ids = row.session.slots.map(({ id }) => id);
  let next = row.kind === 'session' ? ids.length : ids.indexOf(row.slot.id);
  let block = board.block;
  const edits: SingleEdit[] = [];
  const problems: Problem[] = [];
  const take = (edit: Edit | null): boolean => {
    if (edit === null) return true;
    const applied = applyEdit(block, edit);
    if (!applied.ok) {
      problems.push(...applied.problems);
      return false;
    }
    block = applied.value.block;
    edits.push(...(edit.kind === 'batch' ? edit.edits : [edit]));
    return true;
  };
  for (const line of table) {
    if (line.every((cell) => cell === '')) continue;
    const columns = line.map((_, k) => board.columns[from + k]).filter((column) => column !== undefined);
    let id = ids[next];
    if (id === undefined) {
      const named =
        columns[0] === 'slot' ? namedExercise(line[0] ?? '', board.catalogue, board.likely) : undefined;
      const exercise = named === undefined ? undefined : board.catalogue.newest(named.id);
      if (named === undefined || exercise === undefined) {
        problems.push({ code: 'unknown-exercise', path: `session/${sessionId}`, exercise: line[0] ?? '' });
        break;
      }
      id = board.newId();
      if (named.isGuess) board.onGuess?.({ slotId: id, exerciseId: exercise.id, text: line[0] ?? '' });
      const after = ids.at(-1) ?? null;
      const slot = newSlot(id, exercise, named.variant, board.athlete.ranges[named.id]);
      if (!take({ kind: 'slot/add', session: sessionId, after, slot })) break;
      ids.push(id);
    }
    const ordered = [...columns].sort((a, b) => order(a) - order(b));
    for (const column of ordered) {
      const text = line[columns.indexOf(column)] ?? '';
      const slot = findSlot(block, id)?.slot;
      if (slot === undefined) break;
      const made = cellEdit(text, slot, column, place, { ...board, block });
      if (!made.ok) problems.push(...made.problems);
      else take(made.value);
    }
    next++;
  }
  if (problems.length > 0) return refused(...problems.slice(0, 1));
  return ok({ kind: 'batch', edits });
}

/** Cells in order of dependence: the exercise first, then the technique, then its sets. */
function order(column: ColumnId): number {
  return prescriptionColumn(column)?.pasteOrder ?? Number.POSITIVE_INFINITY;
}

/** Copies of slots, inserted after a position in a session. */
export function pasteSlots(
  slots: readonly Slot[],
  session: string,
  after: string | null,
  newId: () => string,
): Edit {
  let before = after;
  return {
    kind: 'batch',
    edits: slots.map((slot): SingleEdit => {
      const made = { ...slot, id: newId() };
      const edit: SingleEdit = { kind: 'slot/add', session, after: before, slot: made };
      before = made.id;
      return edit;
    }),
  };
}

/** Fills the cells of a range with those of its first row. */
export function fillDown(range: Range, board: ClipboardInput): Result<Edit> {
  const { rows, columns } = cellsOf(range, board);
  const slots = rows.filter((row) => row.kind === 'slot');
  const [first, ...others] = slots;
  if (first === undefined || others.length === 0 || columns[0] === undefined)
    return ok({ kind: 'batch', edits: [] });
  const texts = columns.map((column) => cellCopy(first, column, board));
  return each(others, (row) => pasteTable([texts], { row: row.id, column: columns[0] as ColumnId }, board));
}

/** Fills the weeks of a range with its first week, row by row. */
export function fillAcross(range: Range, board: ClipboardInput): Result<Edit> {
  const { rows, columns } = cellsOf(range, board);
  const weeks = columns.filter((column) => weekOf(column) !== null);
  const [first, second] = weeks;
  if (first === undefined || second === undefined) return ok({ kind: 'batch', edits: [] });
  return each(
    rows.filter((row) => row.kind === 'slot'),
    (row) => {
      const text = cellCopy(row, first, board);
      return pasteTable([weeks.slice(1).map(() => text)], { row: row.id, column: second }, board);
    },
  );
}

function each(rows: readonly Row[], edit: (row: Row) => Result<Edit>): Result<Edit> {
  const edits: SingleEdit[] = [];
  for (const row of rows) {
    const made = edit(row);
    if (!made.ok) return made;
    edits.push(...(made.value.kind === 'batch' ? made.value.edits : [made.value]));
  }
  return ok({ kind: 'batch', edits });
}

/** Clears what can be cleared: overrides of weeks, start sets, tempos. */
export function clearCells(range: Range, board: ClipboardInput): Result<Edit> {
  const { rows, columns } = cellsOf(range, board);
  const edits: SingleEdit[] = [];
  for (const row of rows) {
    if (row.kind !== 'slot') continue;
    const weeks = new Set(columns.flatMap((column) => weekOf(column) ?? []));
    const left = row.slot.weeks.filter(({ week }) => !weeks.has(week));
    if (left.length < row.slot.weeks.length)
      edits.push({ kind: 'slot/set', slot: row.slot.id, field: 'weeks', value: left });
    for (const column of columns) edits.push(...(prescriptionColumn(column)?.clear?.(row.slot) ?? []));
  }
  return ok({ kind: 'batch', edits });
}

/** Replaces an exercise in every slot of the block. */
export function replaceExercise(
  { block, catalogue }: Pick<ClipboardInput, 'block' | 'catalogue'>,
  from: string,
  to: Exercise,
  variant: string | null,
): Edit {
  const slots = block.sessions.flatMap(({ slots }) => slots).filter(({ exercise }) => exercise.id === from);
  return {
    kind: 'batch',
    edits: slots.flatMap((slot) => exchangeExercise(slot, catalogue.find(slot.exercise), to, variant)),
  };
}

/** A technique with the slot's number of sets, as close as its shape allows. */
export function keepingSets(technique: Slot['technique'], before: Slot['technique']): Slot['technique'] {
  const { least, most } = setLimits(technique);
  const sets = setCount(before);
  return sets >= least && sets <= most ? withSetCount(technique, sets) : technique;
}

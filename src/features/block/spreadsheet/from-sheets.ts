import {
  applyEdit,
  type Block,
  type Edit,
  findSlot,
  newSlot,
  type Problem,
  type Result,
  refused,
  type SingleEdit,
} from '@/core';
import { decodeBlock } from '@/core/codecs';
import type { Sheet } from '@/formats/workbook/workbook';
import { guessExercise } from '@/ui/guess-exercise';
import { dayName } from '@/ui/words/names';
import * as screenWords from '@/ui/words/screens/spreadsheet';
import { type ClipboardInput, cellEdit } from '../sheet/clipboard';
import type { Guess } from '../sheet/columns/column';
import { namedExercise } from '../sheet/columns/exercise';
import { PRESCRIPTION, prescriptionColumn } from '../sheet/columns/registry';
import { type ColumnId, weekColumn, weekOf } from '../sheet/layout';
import { HEADS, HIDDEN, WORKBOOK, WORKBOOK_VERSION } from './to-sheets';

/** An unreadable cell, named as in a spreadsheet. */
export interface UnreadCell {
  readonly sheet: string;
  /** `D7`. */
  readonly cell: string;
  readonly text: string;
  readonly problem: Problem;
}

/** The result of reading a workbook. */
export interface ReadBlock {
  readonly block: Block;
  /** The edits that turn the given block into it. */
  readonly edits: readonly SingleEdit[];
  readonly unread: readonly UnreadCell[];
  /** Names that were only similar, with the exercises they were matched to. */
  readonly guessed: readonly Guess[];
}

type Written = readonly (readonly (readonly string[])[])[];

/** What a workbook written here stores about itself. */
interface Kept {
  readonly block: Block;
  readonly written: Written;
}

/** The block a workbook was written from, with its cells at that time; null: it was written elsewhere. */
export function keptIn(sheets: readonly Sheet[]): Result<Kept | null> {
  const hidden = sheets.find(({ name }) => name === HIDDEN);
  const [head, ...pieces] = hidden?.rows ?? [];
  if (head?.[0] !== WORKBOOK) return { ok: true, value: null };
  if (Number(head[1]) > WORKBOOK_VERSION)
    return refused({ code: 'newer-format', path: HIDDEN, version: Number(head[1]) });
  try {
    const kept = JSON.parse(pieces.map(([piece = '']) => piece).join('')) as {
      block: unknown;
      written: unknown;
    };
    const block = decodeBlock(kept.block);
    if (!block.ok) return block;
    if (!isWritten(kept.written))
      return refused({ code: 'malformed', path: HIDDEN, detail: screenWords.theTextInItsCells });
    return { ok: true, value: { block: block.value, written: kept.written } };
  } catch {
    return refused({ code: 'malformed', path: HIDDEN, detail: screenWords.theFilesOwnRecordIs });
  }
}

function isWritten(value: unknown): value is Written {
  const isList = (one: unknown, of: (part: unknown) => boolean) => Array.isArray(one) && one.every(of);
  return isList(value, (sheet) => isList(sheet, (row) => isList(row, (text) => typeof text === 'string')));
}

/**
 * Reads a workbook into a block. In a workbook written here, changed cells are typed into the block, slots without a
 * line are removed, and new lines become new slots; in any other, every sheet is a session with columns recognised by
 * their headings. Every unreadable cell is named and changes nothing.
 * @param board the target block: the one it was written from as it is now, or an empty one
 */
export function readBlockSheets(
  sheets: readonly Sheet[],
  kept: Kept | null,
  board: Omit<ClipboardInput, 'rows' | 'columns'>,
): ReadBlock {
  const shown = sheets.filter(({ isHidden }) => isHidden !== true);
  const lines = new Map(
    kept?.written.flatMap((rows) => rows.slice(HEADS).map((row) => [row[0] ?? '', row] as const)),
  );
  const reading = new Reading({ ...board, rows: [], columns: [] }, lines);
  const written = new Map(kept?.written.map((rows) => [rows[0]?.[0] ?? '', rows]));
  const seen = new Set<string>();
  for (const sheet of shown) {
    const id = sheet.rows[0]?.[0] ?? '';
    const before = written.get(id);
    // Volume is computed from the rest: changes to it are ignored.
    if (before === undefined && isVolume(sheet)) continue;
    if (before === undefined || seen.has(id) || !reading.hasSession(id)) reading.newSession(sheet);
    else {
      seen.add(id);
      reading.session(sheet, before);
    }
  }
  reading.removeSlots();
  for (const id of written.keys()) if (!seen.has(id)) reading.removeSession(id);
  return reading.read();
}

function isVolume({ rows }: Sheet): boolean {
  return rows[0]?.[0] === 'weekly sets';
}

/** A cell's position as spreadsheets name it: letters for columns, numbers for lines. */
export function cellName(row: number, column: number): string {
  let letters = '';
  for (let left = column + 1; left > 0; left = Math.floor((left - 1) / 26))
    letters = String.fromCharCode(65 + ((left - 1) % 26)) + letters;
  return `${letters}${row + 1}`;
}

interface Place {
  readonly sheet: string;
  readonly row: number;
  readonly column: number;
  readonly text: string;
}

class Reading {
  private readonly board: ClipboardInput;
  private block: Block;
  private readonly edits: SingleEdit[] = [];
  private readonly unread: UnreadCell[] = [];
  private readonly guessed: Guess[] = [];

  /** Slots found so far; a copied line becomes a new slot. */
  private readonly met = new Set<string>();

  /** @param lines the texts of each slot as written, by its id */
  constructor(
    board: ClipboardInput,
    private readonly lines: ReadonlyMap<string, readonly string[]>,
  ) {
    this.board = { ...board, likely: guessExercise, onGuess: (guess) => this.guessed.push(guess) };
    this.block = board.block;
  }

  read(): ReadBlock {
    return { block: this.block, edits: this.edits, unread: this.unread, guessed: this.guessed };
  }

  hasSession(id: string): boolean {
    return this.block.sessions.some((session) => session.id === id);
  }

  removeSession(id: string): void {
    if (this.hasSession(id)) this.take({ kind: 'session/remove', session: id });
  }

  /** Slots that no sheet contains any more. */
  removeSlots(): void {
    for (const slot of this.lines.keys())
      if (!this.met.has(slot) && findSlot(this.block, slot) !== undefined)
        this.take({ kind: 'slot/remove', slot });
  }

  /** A sheet written here, by its changed cells. */
  session(sheet: Sheet, before: readonly (readonly string[])[]): void {
    const id = before[0]?.[0] ?? '';
    this.head(sheet, before, id);
    const columns = columnsIn(sheet.rows[1] ?? []);
    let after: string | null = null;
    for (const [row, cells] of sheet.rows.entries()) {
      if (row < HEADS || cells.every((text) => text.trim() === '')) continue;
      const known = cells[0] ?? '';
      const was: readonly string[] | undefined = this.met.has(known) ? undefined : this.lines.get(known);
      const isKnown: boolean = was !== undefined && findSlot(this.block, known) !== undefined;
      const slot: string | null = isKnown ? known : this.added(sheet, cells, row, columns, id, after);
      if (slot === null) continue;
      if (isKnown) {
        this.met.add(slot);
        this.moved(slot, id, after);
        this.cells(slot, id, sheet, row, cells, columns, was ?? []);
      }
      after = slot;
    }
  }

  /** A sheet not written here: a session with columns recognised by their headings. */
  newSession(sheet: Sheet): void {
    const headed = sheet.rows.findIndex((row) => columnsIn(row).size >= 2);
    if (headed < 0) return;
    const columns = columnsIn(sheet.rows[headed] ?? []);
    const id = this.board.newId();
    const name =
      headed > 0
        ? (sheet.rows[headed - 1]?.find((text, at) => at > 0 && text !== '') ?? sheet.name)
        : sheet.name;
    const taken = new Set(this.block.sessions.map(({ day }) => day));
    const day = Array.from({ length: this.block.cycleDays }, (_, at) => at).find((at) => !taken.has(at)) ?? 0;
    const session = { id, name, day, place: null, optional: false, weeks: [], slots: [] };
    const isAdded = this.take({
      kind: 'session/add',
      after: this.block.sessions.at(-1)?.id ?? null,
      session,
    });
    if (!isAdded) return;
    let after: string | null = null;
    for (const [row, cells] of sheet.rows.entries()) {
      if (row <= headed || cells.every((text) => text.trim() === '')) continue;
      after = this.added(sheet, cells, row, columns, id, after) ?? after;
    }
  }

  private head(sheet: Sheet, before: readonly (readonly string[])[], session: string): void {
    const [, name = '', day = ''] = sheet.rows[0] ?? [];
    const [, wasName = '', wasDay = ''] = before[0] ?? [];
    if (name.trim() !== wasName.trim())
      this.put(
        { kind: 'session/set', session, field: 'name', value: name },
        { sheet: sheet.name, row: 0, column: 1, text: name },
      );
    if (day.trim() === wasDay.trim()) return;
    const { cycleDays } = this.block;
    const at = { sheet: sheet.name, row: 0, column: 2, text: day };
    const found = Array.from({ length: cycleDays }, (_, k) => k).find(
      (k) => dayName(k, cycleDays).toLowerCase() === day.trim().toLowerCase(),
    );
    if (found === undefined)
      this.name(at, { code: 'not-understood', path: session, text: day, example: dayName(0, cycleDays) });
    else this.put({ kind: 'session/set', session, field: 'day', value: found }, at);
  }

  /** A line without a slot: a new slot, if its exercise is known. */
  private added(
    sheet: Sheet,
    cells: readonly string[],
    row: number,
    columns: ReadonlyMap<number, ColumnId>,
    session: string,
    after: string | null,
  ): string | null {
    const { catalogue, athlete, newId } = this.board;
    const column = [...columns].find(([, id]) => id === 'slot')?.[0] ?? 1;
    const text = cells[column] ?? '';
    const named = namedExercise(text, catalogue, guessExercise);
    const exercise = named === undefined ? undefined : catalogue.newest(named.id);
    if (named === undefined || exercise === undefined) {
      this.name(
        { sheet: sheet.name, row, column, text },
        { code: 'unknown-exercise', path: session, exercise: text },
      );
      return null;
    }
    const id = newId();
    if (named.isGuess) this.guessed.push({ slotId: id, exerciseId: exercise.id, text: text.trim() });
    const slot = newSlot(id, exercise, named.variant, athlete.ranges[named.id]);
    if (!this.take({ kind: 'slot/add', session, after, slot })) return null;
    // In a new line empty cells are ignored; its exercise is already read.
    const asNew = cells.map((one, at) => (one.trim() === '' || columns.get(at) === 'slot' ? one : null));
    this.cells(id, session, sheet, row, cells, columns, asNew);
    return id;
  }

  private moved(slot: string, session: string, after: string | null): void {
    const found = findSlot(this.block, slot);
    if (found === undefined) return;
    const { slots } = found.session;
    const before = slots[slots.findIndex(({ id }) => id === slot) - 1]?.id ?? null;
    if (found.session.id !== session || before !== after)
      this.take({ kind: 'slot/move', slot, session, after });
  }

  /** Types the changed cells of a line. @param was the earlier texts; null: everything is new */
  private cells(
    slotId: string,
    session: string,
    sheet: Sheet,
    row: number,
    cells: readonly string[],
    columns: ReadonlyMap<number, ColumnId>,
    was: readonly (string | null)[],
  ): void {
    const changed = [...columns]
      .filter(([at]) => (cells[at] ?? '').trim() !== (was[at] === null ? null : (was[at] ?? '').trim()))
      .sort(([, a], [, b]) => orderOf(a) - orderOf(b));
    const place = this.block.sessions.find(({ id }) => id === session)?.place ?? null;
    for (const [column, id] of changed) {
      const text = (cells[column] ?? '').trim();
      const at = { sheet: sheet.name, row, column, text };
      const slot = findSlot(this.block, slotId)?.slot;
      if (slot === undefined) return;
      const made = cellEdit(text, slot, id, place, { ...this.board, block: this.block });
      if (!made.ok) {
        for (const problem of made.problems.slice(0, 1)) this.name(at, problem);
      } else if (made.value !== null) this.put(made.value, at);
    }
  }

  private put(edit: Edit, at: Place): void {
    const applied = applyEdit(this.block, edit);
    if (!applied.ok) {
      for (const problem of applied.problems.slice(0, 1)) this.name(at, problem);
      return;
    }
    this.block = applied.value.block;
    this.edits.push(...(edit.kind === 'batch' ? edit.edits : [edit]));
  }

  private name({ sheet, row, column, text }: Place, problem: Problem): void {
    this.unread.push({ sheet, cell: cellName(row, column), text, problem });
  }

  private take(edit: SingleEdit): boolean {
    const applied = applyEdit(this.block, edit);
    if (!applied.ok) return false;
    this.block = applied.value.block;
    this.edits.push(edit);
    return true;
  }
}

/** Headings that others use for these columns. */
const HEAD_WORDS: Readonly<Record<string, ColumnId>> = {
  slot: 'slot',
  how: 'technique',
  'from set': 'start',
  movement: 'slot',
  lift: 'slot',
  reps: 'range',
  'rep range': 'range',
  'reps in reserve': 'rir',
};

/** Columns by their position in a line of headings. */
function columnsIn(heads: readonly string[]): ReadonlyMap<number, ColumnId> {
  return new Map(
    heads.flatMap((text, at): readonly (readonly [number, ColumnId])[] => {
      const head = text.trim().toLowerCase();
      const column = PRESCRIPTION.find((one) => one.head.toLowerCase() === head)?.id ?? HEAD_WORDS[head];
      if (column !== undefined) return [[at, column]];
      const [, week] = /^(?:wk|week) (\d+)(?: deload)?$/.exec(head) ?? [];
      return week === undefined ? [] : [[at, weekColumn(Number(week))]];
    }),
  );
}

/** Cells in order of dependence; weeks last. */
function orderOf(column: ColumnId): number {
  return weekOf(column) === null ? (prescriptionColumn(column)?.pasteOrder ?? 0) : Number.POSITIVE_INFINITY;
}

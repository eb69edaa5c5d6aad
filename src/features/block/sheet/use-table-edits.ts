import { useRef, useState } from 'react';
import {
  type Athlete,
  type Block,
  type BlockPlan,
  type Catalogue,
  type Edit,
  newSlot,
  ok,
  type Problem,
  placeFor,
  type Result,
  refused,
  type SingleEdit,
  type Slot,
  type TechniqueParameters,
  WEEKDAYS,
} from '@/core';
import { pickedExercise } from '@/ui/exercise-choices';
import { newId } from '@/ui/new-id';
import {
  type Board,
  cellsOf,
  clearCells,
  copiedSlots,
  copyText,
  fillAcross,
  fillDown,
  pasteSlots,
  pasteTable,
  type Range,
  readTable,
  replaceExercise,
} from './clipboard';
import { prescriptionColumn } from './columns/registry';
import { type Cell, type ColumnId, type Row, weekOf } from './layout';
import { sessionEntry } from './session-entry';

/** Where a new slot goes: a session, and the slot it will stand behind. */
export interface Adding {
  readonly session: string;
  readonly after: string | null;
}

interface TableEdits {
  readonly block: Block;
  readonly athlete: Athlete;
  readonly catalogue: Catalogue;
  readonly blockPlan: BlockPlan;
  readonly rows: readonly Row[];
  readonly columns: readonly ColumnId[];
  readonly attempt: (edit: Edit) => Result<null>;
  readonly change: (edit: Edit) => Result<null>;
  readonly move: (cell: Cell) => void;
}

const shortId = () => newId().slice(0, 12);

/** What the table does to the block: each a single undoable edit. */
export function useTableEdits(table: TableEdits) {
  const { block, athlete, catalogue, blockPlan, rows, attempt, change, move } = table;
  const [adding, setAdding] = useState<Adding | null>(null);
  const copied = useRef<{ readonly text: string; readonly slots: readonly Slot[] }>({ text: '', slots: [] });
  const rowOf = (cell: Cell) => rows.find(({ id }) => id === cell.row);
  const board: Board = { ...table, newId: shortId };
  const put = (edit: Result<Edit>): Result<null> => {
    if (!edit.ok) return edit;
    if (edit.value.kind === 'batch' && edit.value.edits.length === 0) return ok(null);
    return attempt(edit.value);
  };
  /** Refuses what would be written into a week that has been handed out. */
  const open = ({ columns }: { readonly columns: readonly ColumnId[] }): Result<null> => {
    const issued = columns
      .map(weekOf)
      .find((week) => blockPlan.weeks.some(({ plan, issued: out }) => plan.week === week && out !== null));
    return issued == null ? ok(null) : refused({ code: 'week-issued', path: 'block/weeks', week: issued });
  };
  const within = (range: Range, edit: (range: Range, board: Board) => Result<Edit>): Result<null> => {
    const free = open(cellsOf(range, board));
    return free.ok ? put(edit(range, board)) : free;
  };

  const sessionText = (cell: Cell, text: string, { session }: Extract<Row, { kind: 'session' }>) =>
    sessionEntry(cell.column === 'slot' ? 'name' : 'day', text, session);
  const slotText = (cell: Cell, text: string, { slot, session }: Extract<Row, { kind: 'slot' }>) =>
    prescriptionColumn(cell.column)?.read(text, slot, {
      athlete,
      catalogue,
      place: placeFor(athlete, session.place),
    }) ?? ok(null);

  return {
    adding,
    stopAdding: () => setAdding(null),

    /** Puts typed text into a cell; answers with what is wrong with it. */
    type(cell: Cell, text: string): readonly Problem[] {
      const row = rowOf(cell);
      if (row === undefined || row.kind === 'weeks') return [];
      const week = weekOf(cell.column);
      if (week !== null && row.kind === 'slot') {
        const free = open({ columns: [cell.column] });
        const made = free.ok ? pasteTable([[text]], cell, board) : free;
        const changed = made.ok ? change(made.value) : made;
        return changed.ok ? [] : changed.problems;
      }
      const entry = row.kind === 'session' ? sessionText(cell, text, row) : slotText(cell, text, row);
      const changed = entry.ok && entry.value !== null ? change(entry.value) : entry;
      return changed.ok ? [] : changed.problems;
    },

    /** Puts a picked exercise, technique or place into its slot or session. */
    pick(cell: Cell, value: string): void {
      const row = rowOf(cell);
      if (row?.kind === 'session') {
        // The usual place is what a session has that names none: it moves along when the athlete does.
        const place = value === athlete.places[0]?.id ? null : value;
        attempt({ kind: 'session/set', session: row.session.id, field: 'place', value: place });
        return;
      }
      if (row?.kind !== 'slot') return;
      const { slot } = row;
      const { id, variant } = pickedExercise(value);
      const exercise = catalogue.newest(id);
      if (exercise === undefined) return;
      const ref = { id: exercise.id, revision: exercise.revision };
      const inVariant: SingleEdit = { kind: 'slot/set', slot: slot.id, field: 'variant', value: variant };
      if (exercise.id === slot.exercise.id) {
        if (variant !== slot.variant || ref.revision !== slot.exercise.revision)
          attempt({
            kind: 'batch',
            edits: [{ kind: 'slot/set', slot: slot.id, field: 'exercise', value: ref }, inVariant],
          });
        return;
      }
      const fresh = newSlot(slot.id, exercise);
      const before = catalogue.find(slot.exercise);
      attempt({
        kind: 'batch',
        edits: [
          { kind: 'slot/set', slot: slot.id, field: 'exercise', value: ref },
          inVariant,
          // A start set and a set-up note speak of the old exercise; seconds are no reps.
          { kind: 'slot/set', slot: slot.id, field: 'start', value: null },
          { kind: 'slot/set', slot: slot.id, field: 'tempo', value: fresh.tempo },
          { kind: 'slot/set', slot: slot.id, field: 'note', value: '' },
          ...(before?.measure === exercise.measure
            ? []
            : [{ kind: 'slot/set', slot: slot.id, field: 'range', value: fresh.range } as const]),
        ],
      });
    },

    /** Puts a technique into a slot, with how later sets drift and how it is made safe. */
    technique(
      slotId: string,
      technique: TechniqueParameters,
      drift: Slot['drift'],
      safety: string,
    ): readonly Problem[] {
      const changed = change({
        kind: 'batch',
        edits: [
          { kind: 'slot/set', slot: slotId, field: 'technique', value: technique },
          { kind: 'slot/set', slot: slotId, field: 'drift', value: drift },
          { kind: 'slot/set', slot: slotId, field: 'safety', value: safety.trim() },
        ],
      });
      return changed.ok ? [] : changed.problems;
    },

    /** Text of a range for the clipboard; whole slots are remembered as they are. */
    copy(range: Range): string {
      const text = copyText(range, board);
      copied.current = { text, slots: copiedSlots(range, board) };
      return text;
    },

    /** Puts the clipboard's text into the table from a cell on; slots copied here come back as they were. */
    paste(text: string, at: Cell): Result<null> {
      const row = rowOf(at);
      const { slots, text: mine } = copied.current;
      if (row !== undefined && row.kind !== 'weeks' && slots.length > 0 && text.trim() === mine.trim()) {
        const after = row.kind === 'slot' ? row.slot.id : (row.session.slots.at(-1)?.id ?? null);
        return put(ok(pasteSlots(slots, row.session.id, after, shortId)));
      }
      const values = readTable(text);
      const from = table.columns.indexOf(at.column);
      const columns = table.columns.slice(from, from + Math.max(1, ...values.map((line) => line.length)));
      const free = open({ columns });
      return free.ok ? put(pasteTable(values, at, board)) : free;
    },

    fillDown: (range: Range) => within(range, fillDown),
    fillAcross: (range: Range) => within(range, fillAcross),
    clear: (range: Range) => within(range, clearCells),

    /** Another exercise in the place of one, wherever it stands in the block. */
    replace(from: string, value: string): void {
      const { id, variant } = pickedExercise(value);
      const exercise = catalogue.newest(id);
      if (exercise === undefined) return;
      put(ok(replaceExercise(block, from, { id, revision: exercise.revision }, variant)));
    },

    /** Joins a slot to the one above, or parts them. */
    join(row: Row): void {
      if (row.kind !== 'slot' || row.at === 1) return;
      attempt({ kind: 'slot/set', slot: row.slot.id, field: 'joined', value: !row.slot.joined });
    },

    /** Sets a dragged slot down at another row. */
    drop(slotId: string, onto: string, below: boolean): void {
      const row = rows.find(({ id }) => id === onto);
      if (row === undefined || row.kind === 'weeks' || slotId === onto) return;
      const { session } = row;
      const others = session.slots.filter(({ id }) => id !== slotId);
      const at = row.kind === 'session' ? -1 : others.findIndex(({ id }) => id === onto);
      const after = row.kind === 'session' ? null : below ? onto : (others[at - 1]?.id ?? null);
      attempt({ kind: 'slot/move', slot: slotId, session: session.id, after });
    },

    /** Asks for the exercise of a new slot behind a row. */
    beginSlot(row: Row | undefined): void {
      if (row?.kind === 'session')
        setAdding({ session: row.session.id, after: row.session.slots.at(-1)?.id ?? null });
      else if (row?.kind === 'slot') setAdding({ session: row.session.id, after: row.slot.id });
    },

    addSlot(value: string): void {
      const { id, variant } = pickedExercise(value);
      const exercise = catalogue.newest(id);
      setAdding(null);
      if (exercise === undefined || adding === null) return;
      const slot = newSlot(shortId(), exercise, variant);
      if (attempt({ kind: 'slot/add', ...adding, slot }).ok) move({ row: slot.id, column: 'sets' });
    },

    /** Adds a session on the first free day that the athlete has, and may ask for its first exercise. */
    addSession(ask: boolean): string | undefined {
      const taken = new Set(block.sessions.map(({ day }) => day));
      const open = Array.from({ length: block.cycleDays }, (_, day) => day).filter((day) => !taken.has(day));
      const had =
        block.cycleDays === WEEKDAYS.length ? open.find((day) => athlete.days.includes(day)) : undefined;
      const free = had ?? open[0] ?? 0;
      const session = {
        id: shortId(),
        name: `Session ${block.sessions.length + 1}`,
        day: free,
        place: null,
        optional: false,
        slots: [],
      };
      if (!attempt({ kind: 'session/add', after: block.sessions.at(-1)?.id ?? null, session }).ok)
        return undefined;
      if (ask) {
        move({ row: session.id, column: 'slot' });
        setAdding({ session: session.id, after: null });
      }
      return session.id;
    },

    remove(row: Row): void {
      if (row.kind === 'slot') attempt({ kind: 'slot/remove', slot: row.slot.id });
      if (row.kind === 'session') attempt({ kind: 'session/remove', session: row.session.id });
    },

    /** Moves a slot one place up or down within its session. */
    shift(row: Row, by: -1 | 1): void {
      if (row.kind !== 'slot') return;
      const { slots, id } = row.session;
      const at = slots.findIndex((slot) => slot.id === row.slot.id);
      if (at + by < 0 || at + by >= slots.length) return;
      const after = by < 0 ? (slots[at - 2]?.id ?? null) : (slots[at + 1]?.id ?? null);
      attempt({ kind: 'slot/move', slot: row.slot.id, session: id, after });
    },

    clearStart(row: Row): void {
      if (row.kind === 'slot') attempt({ kind: 'slot/set', slot: row.slot.id, field: 'start', value: null });
    },
  };
}

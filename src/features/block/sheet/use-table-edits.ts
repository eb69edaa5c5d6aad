import { useRef, useState } from 'react';
import type { Slot, TechniqueParameters } from '@/core';
import { pickInto, setTechnique, typeInto } from './cell-edits';
import { type Copied, copyRange, pasteAt } from './clip-edits';
import { clearCells, fillAcross, fillDown, type Range, type TableText } from './clipboard';
import type { Guess } from './columns/column';
import type { Cell, Row } from './layout';
import {
  type Adding,
  addingBehind,
  addSession,
  addSet,
  addSlot,
  dropSlot,
  joinRow,
  removeRow,
  removeSlots,
  replaceEverywhere,
  shiftRow,
} from './row-edits';
import { applyRangeEdit, type Table } from './table';

/** The table's edits of the block, each undoable as one. */
export function useTableEdits(table: Table) {
  const [adding, setAdding] = useState<Adding | null>(null);
  /** Exercises guessed by the last paste. */
  const [guesses, setGuesses] = useState<readonly Guess[]>([]);
  const copied = useRef<Copied>({ text: '', slots: [] });
  return {
    adding,
    stopAdding: () => setAdding(null),
    type: (cell: Cell, text: string) => typeInto(table, cell, text),
    pick: (cell: Cell, value: string) => pickInto(table, cell, value),
    technique: (slotId: string, technique: TechniqueParameters, drift: Slot['drift'], safety: string) =>
      setTechnique(table, slotId, technique, drift, safety),
    copy(range: Range, tableText: TableText): string {
      copied.current = copyRange(table, range, tableText);
      return copied.current.text;
    },
    guesses,
    paste(text: string, at: Cell, tableText: TableText) {
      const made: Guess[] = [];
      const pasted = pasteAt(table, text, at, copied.current, tableText, (guess) => made.push(guess));
      if (pasted.ok) setGuesses(made);
      return pasted;
    },
    fillDown: (range: Range) => applyRangeEdit(table, range, fillDown),
    fillAcross: (range: Range) => applyRangeEdit(table, range, fillAcross),
    clear: (range: Range) => applyRangeEdit(table, range, clearCells),
    replace: (from: string, value: string) => replaceEverywhere(table, from, value),
    join: (row: Row) => joinRow(table, row),
    addSet: (row: Row) => addSet(table, row),
    drop: (slotId: string, onto: string, below: boolean) => dropSlot(table, slotId, onto, below),
    remove: (row: Row) => removeRow(table, row),
    removeSlots: (range: Range) => removeSlots(table, range),
    shift: (row: Row, by: -1 | 1) => shiftRow(table, row, by),
    /** Asks for the exercise of a new slot after a row. */
    beginSlot: (row: Row | undefined) => setAdding(addingBehind(row)),
    addSlot(value: string): void {
      setAdding(null);
      if (adding !== null) addSlot(table, adding, value);
    },
    /** Adds a session, and optionally asks for its first exercise. */
    addSession(ask: boolean): string | undefined {
      const session = addSession(table);
      if (session !== undefined && ask) {
        table.move({ row: session.id, column: 'slot' });
        setAdding({ session: session.id, after: null });
      }
      return session?.id;
    },
  };
}

import { ok, type Result, type Slot } from '@/core';
import {
  copiedSlots,
  copyText,
  pasteSlots,
  pasteTable,
  type Range,
  readTable,
  type TableText,
} from './clipboard';
import type { Guess } from './columns/column';
import type { Cell } from './layout';
import { applyCellEdit, clipboardInput, rowAt, shortId, type Table, unissuedWeeks } from './table';

/** The last copied content: its text, and whole slots. */
export interface Copied {
  readonly text: string;
  readonly slots: readonly Slot[];
}

/** A range as text for the clipboard. */
export function copyRange(table: Table, range: Range, tableText: TableText): Copied {
  const board = clipboardInput(table);
  return { text: copyText(range, board, tableText), slots: copiedSlots(range, board) };
}

/** Pastes clipboard text into the table from a cell on; slots copied here are pasted unchanged. */
export function pasteAt(
  table: Table,
  text: string,
  at: Cell,
  copied: Copied,
  tableText: TableText,
  onGuess: (guess: Guess) => void,
): Result<null> {
  const row = rowAt(table, at);
  const { slots, text: mine } = copied;
  if (row !== undefined && row.kind !== 'weeks' && slots.length > 0 && text.trim() === mine.trim()) {
    const after = row.kind === 'slot' ? row.slot.id : (row.session.slots.at(-1)?.id ?? null);
    return applyCellEdit(table, ok(pasteSlots(slots, row.session.id, after, shortId)));
  }
  const values = readTable(text, tableText);
  const from = table.columns.indexOf(at.column);
  const columns = table.columns.slice(from, from + Math.max(1, ...values.map((line) => line.length)));
  const free = unissuedWeeks(table, columns);
  const board = { ...clipboardInput(table), likely: tableText.guessExercise, onGuess };
  return free.ok ? applyCellEdit(table, pasteTable(values, at, board)) : free;
}

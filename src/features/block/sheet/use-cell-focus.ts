import { type RefObject, useEffect } from 'react';
import type { GridProps } from './grid-props';

/** Keeps the focus of the page on the cursor's cell, once somebody has moved it. */
export function useCellFocus(
  table: RefObject<HTMLTableElement | null>,
  { cursor, moved, editing, adding, rows }: GridProps,
): void {
  const { row, column } = cursor;
  const typing = editing !== null || adding !== null;
  const focusCell = () =>
    table.current?.querySelector<HTMLElement>(`[data-row="${row}"][data-column="${column}"]`)?.focus();

  // The cursor takes the focus along once somebody has moved it, never on first sight of the page.
  // biome-ignore lint/correctness/useExhaustiveDependencies: focusCell is made of row and column
  useEffect(() => {
    if (!moved || typing) return;
    focusCell();
  }, [moved, typing, row, column]);

  // A row that changes places, or goes, drops the focus it held: the cursor picks it up again.
  // biome-ignore lint/correctness/useExhaustiveDependencies: runs when the rows have changed
  useEffect(() => {
    if (!moved || typing || document.activeElement !== document.body) return;
    focusCell();
  }, [rows]);
}

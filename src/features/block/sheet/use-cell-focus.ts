import { type RefObject, useEffect } from 'react';
import type { GridProps } from './grid-props';

/** Keeps the page's focus on the cursor's cell, once the cursor has moved. */
export function useCellFocus(
  table: RefObject<HTMLTableElement | null>,
  { cursor, moved, editing, adding, rows }: GridProps,
): void {
  const { row, column } = cursor;
  const typing = editing !== null || adding !== null;
  const focusCell = () =>
    table.current?.querySelector<HTMLElement>(`[data-row="${row}"][data-column="${column}"]`)?.focus();

  // The cursor moves the focus once somebody has moved it, never when the page opens.
  // biome-ignore lint/correctness/useExhaustiveDependencies: focusCell is made of row and column
  useEffect(() => {
    if (!moved || typing) return;
    focusCell();
  }, [moved, typing, row, column]);

  // A row that moves or disappears loses the focus: the cursor takes it back.
  // biome-ignore lint/correctness/useExhaustiveDependencies: runs when the rows have changed
  useEffect(() => {
    if (!moved || typing || document.activeElement !== document.body) return;
    focusCell();
  }, [rows]);
}

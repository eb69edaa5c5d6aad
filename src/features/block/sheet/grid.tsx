'use client';

import { memo, useMemo, useRef } from 'react';
import type { Slot } from '@/core';
import * as common from '@/ui/words/screens/common';
import classes from '../block.module.css';
import { AddingRow } from './adding-row';
import { CellEditor } from './cell-editor';
import { cellsOf } from './clipboard';
import type { Guess } from './columns/column';
import { PRESCRIPTION } from './columns/registry';
import type { GridProps } from './grid-props';
import { HeadRow } from './head-row';
import { type Cell, type ColumnId, type Row, WEEK_WIDTH } from './layout';
import { RowDrag } from './row-drag';
import { slotViews } from './row-view';
import { SessionRow, sessionWeeks } from './session-row';
import { SlotRow } from './slot-row';
import { useCellFocus } from './use-cell-focus';

function cellOf(target: EventTarget): Cell | null {
  const element = target instanceof Element ? target.closest<HTMLElement>('[data-row]') : null;
  const { row, column } = element?.dataset ?? {};
  return row === undefined || column === undefined ? null : { row, column: column as ColumnId };
}

type SessionLine = Extract<Row, { kind: 'session' }>;
type SlotLine = Extract<Row, { kind: 'slot' }>;

/** The rows of each session: its own, and those of its slots. */
function bySession(rows: readonly Row[]) {
  const groups: { readonly session: SessionLine; readonly slots: SlotLine[] }[] = [];
  for (const row of rows)
    if (row.kind === 'session') groups.push({ session: row, slots: [] });
    else if (row.kind === 'slot') groups.at(-1)?.slots.push(row);
  return groups;
}

/** Width of a slot's name on a small screen, in px. */
const NARROW_NAME = 150;

/** The Sheet's table: sessions, slots, and every week. One tab stop; arrow keys move inside. */
export const Grid = memo(function Grid(props: GridProps) {
  const {
    blockPlan,
    rows,
    columns,
    cursor,
    range,
    editing,
    athlete,
    catalogue,
    calls,
    onMove,
    onKey,
    onEdit: onOpen,
  } = props;
  const table = useRef<HTMLTableElement>(null);
  const { row, column } = cursor;

  useCellFocus(table, props);
  const views = useMemo(
    () => slotViews(rows, { athlete, catalogue, blockPlan, calls }),
    [rows, athlete, catalogue, blockPlan, calls],
  );
  const chosen = useMemo(
    () => (range === null ? null : cellsOf(range, { rows, columns })),
    [range, rows, columns],
  );
  const chosenRows = new Set(chosen?.rows.map(({ id }) => id));

  const weeks = blockPlan.weeks.length;
  const width = PRESCRIPTION.reduce((sum, column) => sum + column.width, 0) + weeks * WEEK_WIDTH;
  const template = (widths: readonly number[]) => widths.map((px) => `minmax(${px}px, ${px}fr)`).join(' ');
  const ofWeeks = blockPlan.weeks.map(() => WEEK_WIDTH);
  const cursorIn = ({ id }: Row) => (row === id ? column : null);
  const editingIn = (row: Row) =>
    editing?.cell.row === row.id
      ? { column: editing.cell.column, editor: <CellEditor {...props} row={row} editing={editing} /> }
      : null;
  const adding = (after: string | null, session: string) =>
    props.adding?.session === session && props.adding.after === after ? (
      <AddingRow key="adding" {...props} />
    ) : null;
  return (
    <RowDrag onDrop={props.onDrop}>
      <table
        ref={table}
        role="grid"
        aria-label={common.block}
        className={`${classes.table} ${classes.grid}`}
        style={
          {
            '--width': `${width}px`,
            '--columns': template([...PRESCRIPTION.map((column) => column.width), ...ofWeeks]),
            '--narrow': template([NARROW_NAME, ...ofWeeks]),
            '--narrow-width': `${NARROW_NAME + weeks * WEEK_WIDTH}px`,
          } as React.CSSProperties
        }
        onClick={(event) => {
          const cell = cellOf(event.target);
          if (cell !== null && editing === null) onMove(cell, event.shiftKey);
        }}
        onDoubleClick={(event) => {
          const cell = cellOf(event.target);
          if (cell !== null && editing === null) onOpen(cell);
        }}
        onKeyDown={onKey}
      >
        {/* Rows are laid out each by itself (see the styles), which takes their meaning from them: roles give it back. */}
        <thead role="rowgroup">
          <HeadRow blockPlan={blockPlan} cursor={row === 'weeks' ? column : null} />
        </thead>
        {bySession(rows).map(({ session, slots }) => {
          const { id } = session.session;
          return (
            <tbody key={id} role="rowgroup" style={{ '--rows': slots.length + 1 } as React.CSSProperties}>
              <SessionRow
                blockId={props.blockId}
                cycleDays={props.block.cycleDays}
                athlete={athlete}
                weeks={sessionWeeks(session.session, blockPlan, props.block.cycleDays)}
                row={session}
                cursor={cursorIn(session)}
                editing={editingIn(session)}
              />
              {adding(null, id)}
              {slots.map((one) => {
                const view = views.get(one.id);
                if (view === undefined) return null;
                return [
                  <SlotRow
                    key={one.id}
                    id={one.id}
                    view={view}
                    cursor={cursorIn(one)}
                    guess={guessOf(props.guesses, one.slot)}
                    selected={chosenRows.has(one.id) ? (chosen?.columns ?? null) : null}
                    editing={editingIn(one)}
                  />,
                  adding(one.id, id),
                ];
              })}
            </tbody>
          );
        })}
      </table>
    </RowDrag>
  );
});

/** The pasted name from which a slot's exercise was guessed, as long as it is that exercise. */
function guessOf(guesses: readonly Guess[], { id, exercise }: Slot): string | null {
  return guesses.find((one) => one.slotId === id && one.exerciseId === exercise.id)?.text ?? null;
}

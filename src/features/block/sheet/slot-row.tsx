'use client';

import { memo } from 'react';
import * as screenWords from '@/ui/words/screens/sheet';
import classes from '../block.module.css';
import { prescriptionColumn } from './columns/registry';
import { type ColumnId, REPS_WIDTH, widthOf } from './layout';
import { DragHandle } from './row-drag';
import type { Bracket, CellView, SlotView, WeekView } from './row-view';
import { COLUMN_TEXT, mayOverflow, REPS_TEXT, SLOT_NAME } from './text-width';

interface SlotRowProps {
  readonly id: string;
  /** The same object while nothing changes. */
  readonly view: SlotView;
  /** The cursor's column; null if it is in another row. */
  readonly cursor: ColumnId | null;
  /** Columns of this row in the selected range. */
  readonly selected: readonly ColumnId[] | null;
  /** The pasted name from which its exercise was guessed; null: it was exact. */
  readonly guess: string | null;
  /** The open cell with its text, and its column; null if none of this row is open. */
  readonly editing: { readonly column: ColumnId; readonly editor: React.ReactNode } | null;
}

/** A slot: its prescription and its weeks. Renders again only when these change. */
export const SlotRow = memo(function SlotRow({ id, view, cursor, selected, guess, editing }: SlotRowProps) {
  const common = (column: ColumnId) => ({
    'data-row': id,
    'data-column': column,
    'data-selected': selected?.includes(column) ?? false,
    'data-open': editing?.column === column,
    tabIndex: cursor === column ? 0 : -1,
  });
  return (
    <tr role="row" className={classes.row}>
      {view.cells.map((cell) => (
        <PrescriptionCell
          key={cell.column}
          cell={cell}
          slotId={id}
          at={view.at}
          bracket={view.bracket}
          group={view.group}
          guess={guess}
          common={common(cell.column)}
        >
          {editing?.column === cell.column ? editing.editor : null}
        </PrescriptionCell>
      ))}
      {view.weeks.map((week) => (
        <WeekCell key={week.column} week={week} common={common(week.column)}>
          {editing?.column === week.column ? editing.editor : null}
        </WeekCell>
      ))}
    </tr>
  );
}, alike);

function alike(a: SlotRowProps, b: SlotRowProps): boolean {
  return (
    a.view === b.view &&
    a.cursor === b.cursor &&
    a.guess === b.guess &&
    a.editing === null &&
    b.editing === null &&
    a.selected?.join() === b.selected?.join()
  );
}

interface CellProps {
  readonly common: Readonly<Record<string, unknown>>;
  readonly children: React.ReactNode;
}

function PrescriptionCell({
  cell,
  slotId,
  at,
  bracket,
  group,
  guess,
  common,
  children,
}: CellProps & {
  readonly cell: CellView;
  readonly slotId: string;
  readonly at: number;
  readonly bracket: Bracket;
  readonly group: string;
  readonly guess: string | null;
}) {
  const name = cell.column === 'slot';
  const lead = cell.alert ? '! ' : '';
  const follow = name && bracket === 'top' ? ` ${group}` : '';
  return (
    <td
      role="gridcell"
      className={`${classes.cell} ${name ? classes.sticky : ''} ${prescriptionColumn(cell.column)?.isNumber === true ? classes.number : ''}`}
      {...(name && bracket !== 'none' ? { 'data-bracket': bracket } : {})}
      {...common}
    >
      <span
        className={`${classes.text} ${cell.quiet ? classes.quiet : ''} ${name ? classes.name : ''} ${cell.alert ? classes.gated : ''}`}
        data-long={mayOverflow(
          `${lead}${cell.shown}${follow}`,
          widthOf(cell.column),
          name ? SLOT_NAME : COLUMN_TEXT,
        )}
      >
        {name ? <DragHandle slotId={slotId} at={at} /> : null}
        {lead}
        {cell.shown}
        {follow === '' ? null : <span className={classes.group}>{follow}</span>}
      </span>
      {name && guess !== null ? (
        <span className={classes.guess} title={screenWords.guessHelp(guess)}>
          {screenWords.guessedFrom(guess)}
        </span>
      ) : null}
      {children}
    </td>
  );
}

function WeekCell({ week, common, children }: CellProps & { readonly week: WeekView }) {
  return (
    <td
      role="gridcell"
      className={`${classes.cell} ${classes.week}`}
      data-logged={week.logged}
      data-call={week.call}
      data-own={week.own}
      data-current={week.current}
      data-deload={week.deload}
      {...common}
    >
      {week.lines.map((line, at) => (
        <span
          className={`${classes.text} ${classes.set}`}
          // biome-ignore lint/suspicious/noArrayIndexKey: lines have no identity of their own, first the top set, then the back-offs
          key={at}
        >
          {line.mark === '' ? null : (
            <span className={`${classes.mark} ${line.mark === '▲' ? classes.up : classes.down}`}>
              {line.mark}
            </span>
          )}
          <span className={classes.load}>{line.load}</span>
          {line.load === '' ? null : <span className={classes.times}> × </span>}
          <span
            className={line.load === '' && at === 0 ? classes.loadless : classes.reps}
            data-long={mayOverflow(line.reps, REPS_WIDTH, REPS_TEXT)}
          >
            {line.reps}
          </span>
          {/* Read out or copied, the lines of a cell stay words of their own. */}{' '}
        </span>
      ))}
      {children}
    </td>
  );
}

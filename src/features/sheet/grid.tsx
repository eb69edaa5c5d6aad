'use client';

import { useEffect, useRef } from 'react';
import {
  type Athlete,
  type Block,
  type Catalogue,
  type Ladder,
  type Problem,
  placeFor,
  type Rung,
  setCount,
} from '@/core';
import { exerciseChoices } from '@/ui/exercise-choices';
import { Picker } from '@/ui/picker';
import { figure, minutes, span } from '@/ui/words/figures';
import { capital, dayName } from '@/ui/words/names';
import { prescriptionCell, setLines } from './cell-text';
import { placeChoices, TECHNIQUE_CHOICES } from './choices';
import { type Leave, TextEditor } from './editor';
import {
  type Cell,
  type ColumnId,
  PRESCRIPTION,
  type Row,
  sessionIn,
  WEEK_WIDTH,
  weekColumn,
  weekOf,
} from './layout';
import classes from './sheet.module.css';
import type { Adding } from './use-table-edits';

/** A cell open for typing. `text` replaces what stands in it when it was opened by a letter or digit. */
export interface Editing {
  readonly cell: Cell;
  readonly text: string | null;
}

interface GridProps {
  readonly block: Block;
  readonly athlete: Athlete;
  readonly catalogue: Catalogue;
  readonly ladder: Ladder;
  readonly rows: readonly Row[];
  readonly columns: readonly ColumnId[];
  readonly cursor: Cell;
  /** Whether the cursor was moved since the page was opened. */
  readonly moved: boolean;
  readonly editing: Editing | null;
  /** Week and slot of open load calls, `week/slot`. */
  readonly calls: ReadonlySet<string>;
  /** Session that a new slot is being picked for, and the slot it will stand behind. */
  readonly adding: Adding | null;
  readonly onMove: (cell: Cell) => void;
  readonly onKey: (event: React.KeyboardEvent) => void;
  readonly onOpen: (cell: Cell) => void;
  readonly onCommit: (cell: Cell, text: string, leave: Leave) => readonly Problem[];
  readonly onPick: (cell: Cell, value: string) => void;
  readonly onAdd: (exercise: string) => void;
  readonly onClose: () => void;
}

function cellOf(target: EventTarget): Cell | null {
  const element = target instanceof Element ? target.closest<HTMLElement>('[data-row]') : null;
  const { row, column } = element?.dataset ?? {};
  return row === undefined || column === undefined ? null : { row, column: column as ColumnId };
}

/** The Sheet's table: sessions, their slots, and every week. One tab stop; the arrows move within. */
export function Grid(props: GridProps) {
  const { ladder, rows, cursor, editing, onMove, onKey, onOpen } = props;
  const table = useRef<HTMLTableElement>(null);
  const { row, column } = cursor;
  const typing = editing !== null || props.adding !== null;

  const focusCell = () =>
    table.current?.querySelector<HTMLElement>(`[data-row="${row}"][data-column="${column}"]`)?.focus();

  // The cursor takes the focus along once somebody has moved it, never on first sight of the page.
  // biome-ignore lint/correctness/useExhaustiveDependencies: focusCell is made of row and column
  useEffect(() => {
    if (!props.moved || typing) return;
    focusCell();
  }, [props.moved, typing, row, column]);

  // A row that changes places, or goes, drops the focus it held: the cursor picks it up again.
  // biome-ignore lint/correctness/useExhaustiveDependencies: runs when the rows have changed
  useEffect(() => {
    if (!props.moved || typing || document.activeElement !== document.body) return;
    focusCell();
  }, [rows]);

  const weeks = ladder.rungs.length;
  const width = PRESCRIPTION.reduce((sum, column) => sum + column.width, 0) + weeks * WEEK_WIDTH;
  return (
    <table
      ref={table}
      // biome-ignore lint/a11y/noNoninteractiveElementToInteractiveRole: an editable table is a grid
      role="grid"
      aria-label="Block"
      className={`${classes.table} ${classes.grid}`}
      style={{ width }}
      onClick={(event) => {
        const cell = cellOf(event.target);
        if (cell !== null && editing === null) onMove(cell);
      }}
      onDoubleClick={(event) => {
        const cell = cellOf(event.target);
        if (cell !== null && editing === null) onOpen(cell);
      }}
      onKeyDown={onKey}
    >
      <colgroup>
        {PRESCRIPTION.map(({ id, width: px }) => (
          <col key={id} style={{ width: px }} />
        ))}
        {ladder.rungs.map(({ plan }) => (
          <col key={plan.week} style={{ width: WEEK_WIDTH }} />
        ))}
      </colgroup>
      <thead>
        <HeadRow {...props} />
      </thead>
      <tbody>
        {rows.map((row) => {
          if (row.kind === 'session') {
            const adding = props.adding?.session === row.session.id && props.adding.after === null;
            return [
              <SessionRow key={row.id} {...props} row={row} />,
              adding ? <AddingRow key="adding" {...props} /> : null,
            ];
          }
          if (row.kind === 'slot') {
            return [
              <SlotRow key={row.id} {...props} row={row} />,
              props.adding?.after === row.id ? <AddingRow key="adding" {...props} /> : null,
            ];
          }
          return null;
        })}
      </tbody>
    </table>
  );
}

function isAt(cursor: Cell, row: string, column: ColumnId): boolean {
  return cursor.row === row && cursor.column === column;
}

function weekData(rung: Rung, current: number) {
  return { 'data-current': rung.plan.week === current, 'data-deload': rung.plan.kind === 'deload' };
}

function HeadRow({ ladder, cursor }: GridProps) {
  return (
    <tr>
      {PRESCRIPTION.map(({ id, head }) => (
        <th
          key={id}
          scope="col"
          className={`${classes.head} ${id === 'slot' ? classes.sticky : ''} ${NUMBERS.has(id) ? classes.number : ''}`}
        >
          <span className={classes.headText}>{head}</span>
        </th>
      ))}
      {ladder.rungs.map((rung) => {
        const { plan, status } = rung;
        const column = weekColumn(plan.week);
        return (
          <th
            key={plan.week}
            scope="col"
            className={`${classes.head} ${classes.week} ${classes.cell}`}
            data-row="weeks"
            data-column={column}
            tabIndex={isAt(cursor, 'weeks', column) ? 0 : -1}
            {...weekData(rung, ladder.currentWeek)}
          >
            <span className={classes.weekName}>{plan.kind === 'deload' ? 'deload' : `wk ${plan.week}`}</span>
            <span className={classes.weekFacts}>
              {status === 'planned' ? `${plan.rir} · ${figure(plan.hardSets, 0)}` : status}
            </span>
          </th>
        );
      })}
    </tr>
  );
}

const NUMBERS: ReadonlySet<ColumnId> = new Set(['sets', 'range', 'rest', 'rir']);

/** The day takes the columns up to the one where the place stands. */
const DAY_SPAN = PRESCRIPTION.findIndex(({ id }) => id === 'how') - 1;

function SessionRow(props: GridProps & { readonly row: Extract<Row, { kind: 'session' }> }) {
  const { block, athlete, ladder, row, cursor, editing, onCommit, onPick, onClose } = props;
  const { session } = row;
  const open = (column: ColumnId) => editing !== null && isAt(editing.cell, row.id, column);
  const day = dayName(session.day, block.cycleDays);
  const editor = (column: ColumnId, label: string, initial: string) => (
    <TextEditor
      label={label}
      initial={editing?.text ?? initial}
      typed={editing?.text != null}
      onCommit={(text, leave) => onCommit({ row: row.id, column }, text, leave)}
      onCancel={onClose}
    />
  );
  return (
    <tr className={classes.sessionRow}>
      <td
        className={`${classes.cell} ${classes.sticky}`}
        data-row={row.id}
        data-column="slot"
        tabIndex={isAt(cursor, row.id, 'slot') ? 0 : -1}
      >
        <span className={`${classes.text} ${classes.sessionName}`}>
          <span className={classes.letter}>{row.letter}</span>
          {session.name}
        </span>
        {open('slot') ? editor('slot', 'Name of the session', session.name) : null}
      </td>
      <td
        className={classes.cell}
        colSpan={DAY_SPAN}
        data-row={row.id}
        data-column="sets"
        tabIndex={isAt(cursor, row.id, 'sets') ? 0 : -1}
      >
        <span className={`${classes.text} ${classes.quiet}`}>{day}</span>
        {open('sets') ? editor('sets', 'Day of the session', day) : null}
      </td>
      <td
        className={classes.cell}
        colSpan={PRESCRIPTION.length - 1 - DAY_SPAN}
        data-row={row.id}
        data-column="how"
        tabIndex={isAt(cursor, row.id, 'how') ? 0 : -1}
      >
        <span className={`${classes.text} ${session.place === null ? classes.quiet : ''}`}>
          {placeFor(athlete, session.place).name}
        </span>
        {open('how') ? (
          <Picker
            label="Place of the session"
            choices={placeChoices(athlete.places)}
            initial={editing?.text ?? ''}
            onPick={(value) => onPick({ row: row.id, column: 'how' }, value)}
            onCancel={onClose}
          />
        ) : null}
      </td>
      {ladder.rungs.map((rung) => {
        const column = weekColumn(rung.plan.week);
        const planned = sessionIn(rung, session.id);
        return (
          <td
            key={column}
            className={`${classes.cell} ${classes.week}`}
            data-row={row.id}
            data-column={column}
            tabIndex={isAt(cursor, row.id, column) ? 0 : -1}
            {...weekData(rung, ladder.currentWeek)}
          >
            <span className={classes.text}>
              {planned === undefined
                ? ''
                : `${span(minutes(planned.seconds.low), minutes(planned.seconds.high))} min`}
            </span>
          </td>
        );
      })}
    </tr>
  );
}

function SlotRow(props: GridProps & { readonly row: Extract<Row, { kind: 'slot' }> }) {
  const { athlete, catalogue, ladder, row, cursor, editing, calls } = props;
  const { slot, session } = row;
  const known = { athlete, catalogue, place: placeFor(athlete, session.place) };
  return (
    <tr className={classes.row}>
      {PRESCRIPTION.map(({ id }) => {
        const { shown, typed, quiet } = prescriptionCell(id, slot, known, setCount(slot.technique));
        const open = editing !== null && isAt(editing.cell, row.id, id);
        return (
          <td
            key={id}
            className={`${classes.cell} ${id === 'slot' ? classes.sticky : ''} ${NUMBERS.has(id) ? classes.number : ''}`}
            data-row={row.id}
            data-column={id}
            tabIndex={isAt(cursor, row.id, id) ? 0 : -1}
          >
            <span
              className={`${classes.text} ${quiet ? classes.quiet : ''} ${id === 'slot' ? classes.name : ''}`}
            >
              {id === 'slot' ? <span className={classes.at}>{row.at}</span> : null}
              {shown}
            </span>
            {open ? <CellEditor {...props} column={id} row={row} typed={typed} /> : null}
          </td>
        );
      })}
      {ladder.rungs.map((rung) => {
        const column = weekColumn(rung.plan.week);
        const planned = sessionIn(rung, session.id)?.slots.find(({ slotId }) => slotId === slot.id);
        const lines = planned === undefined ? [] : setLines(planned, rung, session.id);
        const call = calls.has(`${rung.plan.week}/${slot.id}`);
        return (
          <td
            key={column}
            className={`${classes.cell} ${classes.week}`}
            data-row={row.id}
            data-column={column}
            data-logged={lines.some(({ logged }) => logged)}
            data-call={call}
            tabIndex={isAt(cursor, row.id, column) ? 0 : -1}
            {...weekData(rung, ladder.currentWeek)}
          >
            {lines.map((line, at) => (
              // Lines have no identity of their own: first the top set, then the back-offs.
              // biome-ignore lint/suspicious/noArrayIndexKey: see above
              <span className={classes.text} key={at}>
                {line.text}
                {line.mark === '' ? null : (
                  <span className={`${classes.mark} ${line.mark === '▲' ? classes.up : classes.down}`}>
                    {line.mark}
                  </span>
                )}
              </span>
            ))}
          </td>
        );
      })}
    </tr>
  );
}

type CellEditorProps = GridProps & {
  readonly row: Extract<Row, { kind: 'slot' }>;
  readonly column: ColumnId;
  readonly typed: string;
};

function CellEditor(props: CellEditorProps) {
  const { row, column, typed, editing, athlete, catalogue, onCommit, onPick, onClose } = props;
  const cell: Cell = { row: row.id, column };
  if (column === 'slot') {
    const label = `Exercise of slot ${row.at}`;
    return (
      <Picker
        label={label}
        choices={exerciseChoices(catalogue, placeFor(athlete, row.session.place))}
        initial={editing?.text ?? ''}
        onPick={(value) => onPick(cell, value)}
        onCancel={onClose}
      />
    );
  }
  if (column === 'how') {
    const label = `Technique of slot ${row.at}`;
    return (
      <Picker
        label={label}
        choices={TECHNIQUE_CHOICES}
        initial={editing?.text ?? ''}
        onPick={(value) => onPick(cell, value)}
        onCancel={onClose}
      />
    );
  }
  const name = capital(catalogue.find(row.slot.exercise)?.name ?? '');
  const week = weekOf(column);
  if (week !== null) return null;
  return (
    <TextEditor
      label={`${name}, ${column === 'start' ? 'from set' : column}`}
      initial={editing?.text ?? typed}
      typed={editing?.text != null}
      onCommit={(text, leave) => onCommit(cell, text, leave)}
      onCancel={onClose}
    />
  );
}

function AddingRow({ block, athlete, catalogue, ladder, adding, onAdd, onClose }: GridProps) {
  const session = block.sessions.find(({ id }) => id === adding?.session);
  const place = placeFor(athlete, session?.place ?? null);
  return (
    <tr className={classes.row}>
      <td className={`${classes.cell} ${classes.sticky}`}>
        <span className={classes.text}>&nbsp;</span>
        <Picker
          label="Exercise of the new slot"
          choices={exerciseChoices(catalogue, place)}
          initial=""
          onPick={onAdd}
          onCancel={onClose}
        />
      </td>
      <td colSpan={PRESCRIPTION.length - 1 + ladder.rungs.length} />
    </tr>
  );
}

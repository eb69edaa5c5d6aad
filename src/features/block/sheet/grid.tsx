'use client';

import dynamic from 'next/dynamic';
import { memo, useEffect, useMemo, useRef } from 'react';
import {
  type Athlete,
  type Block,
  type BlockPlan,
  type Catalogue,
  type Problem,
  placeFor,
  type SlotPlan,
  type TechniqueParameters,
} from '@/core';
import { exerciseChoices } from '@/ui/exercise-choices';
import { Picker } from '@/ui/picker';
import { figure } from '@/ui/words/figures';
import { capital, dayName } from '@/ui/words/names';
import classes from '../block.module.css';
import { placeChoices } from './choices';
import { cellsOf, type Range } from './clipboard';
import { cellText, PRESCRIPTION, prescriptionColumn } from './columns/registry';
import { type Leave, TextEditor } from './editor';
import { type Cell, type ColumnId, type Row, WEEK_WIDTH, weekColumn, weekOf } from './layout';
import { plannedSlots, slotViews } from './row-view';
import { SessionRow, sessionWeeks } from './session-row';
import { SlotRow } from './slot-row';
import type { Adding } from './use-table-edits';
import { overrideText } from './week-entry';

const TechniquePicker = dynamic(() => import('../dialogs/technique-picker'), { ssr: false });

/** A cell open for typing. `text` replaces what stands in it when it was opened by a letter or digit. */
export interface Editing {
  readonly cell: Cell;
  readonly text: string | null;
}

interface GridProps {
  readonly block: Block;
  readonly athlete: Athlete;
  readonly catalogue: Catalogue;
  readonly blockPlan: BlockPlan;
  readonly rows: readonly Row[];
  readonly columns: readonly ColumnId[];
  readonly cursor: Cell;
  /** The selected range; null where the cursor stands alone. */
  readonly range: Range | null;
  /** Whether the cursor was moved since the page was opened. */
  readonly moved: boolean;
  readonly editing: Editing | null;
  /** Week and slot of open load calls, `week/slot`. */
  readonly calls: ReadonlySet<string>;
  /** Session that a new slot is being picked for, and the slot it will stand behind. */
  readonly adding: Adding | null;
  readonly onMove: (cell: Cell, extend?: boolean) => void;
  readonly onKey: (event: React.KeyboardEvent) => void;
  readonly onOpen: (cell: Cell) => void;
  readonly onCommit: (cell: Cell, text: string, leave: Leave) => readonly Problem[];
  readonly onPick: (cell: Cell, value: string) => void;
  readonly onTechnique: (
    slot: string,
    technique: TechniqueParameters,
    drift: 'hold RIR' | 'hold reps',
    safety: string,
  ) => readonly Problem[];
  readonly onDrop: (slot: string, onto: string, below: boolean) => void;
  readonly onAdd: (exercise: string) => void;
  readonly onClose: () => void;
}

function cellOf(target: EventTarget): Cell | null {
  const element = target instanceof Element ? target.closest<HTMLElement>('[data-row]') : null;
  const { row, column } = element?.dataset ?? {};
  return row === undefined || column === undefined ? null : { row, column: column as ColumnId };
}

/** The Sheet's table: sessions, their slots, and every week. One tab stop; the arrows move within. */
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
    onOpen,
  } = props;
  const table = useRef<HTMLTableElement>(null);
  const dragged = useRef<string | null>(null);
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
  const template = [...PRESCRIPTION.map((column) => column.width), ...blockPlan.weeks.map(() => WEEK_WIDTH)]
    .map((px) => `minmax(${px}px, ${px}fr)`)
    .join(' ');
  const open = (row: Row) =>
    editing?.cell.row === row.id
      ? { column: editing.cell.column, editor: <CellEditor {...props} row={row} editing={editing} /> }
      : null;
  const adding = (after: string | null, session: string) =>
    props.adding?.session === session && props.adding.after === after ? (
      <AddingRow key="adding" {...props} />
    ) : null;
  return (
    <table
      ref={table}
      role="grid"
      aria-label="Block"
      className={`${classes.table} ${classes.grid}`}
      style={{ width, '--columns': template } as React.CSSProperties}
      onClick={(event) => {
        const cell = cellOf(event.target);
        if (cell !== null && editing === null) onMove(cell, event.shiftKey);
      }}
      onDoubleClick={(event) => {
        const cell = cellOf(event.target);
        if (cell !== null && editing === null) onOpen(cell);
      }}
      onKeyDown={onKey}
      onDragStart={(event) => {
        dragged.current = cellOf(event.target)?.row ?? null;
        event.dataTransfer.effectAllowed = 'move';
      }}
      onDragOver={(event) => {
        if (dragged.current === null || cellOf(event.target) === null) return;
        event.preventDefault();
      }}
      onDrop={(event) => {
        const onto = cellOf(event.target);
        const box =
          event.target instanceof Element ? event.target.closest('tr')?.getBoundingClientRect() : null;
        if (dragged.current === null || onto === null || box == null) return;
        event.preventDefault();
        props.onDrop(dragged.current, onto.row, event.clientY > box.top + box.height / 2);
        dragged.current = null;
      }}
    >
      {/* Rows are laid out each by itself (see the styles), which takes their meaning from them: roles give it back. */}
      <thead role="rowgroup">
        <HeadRow blockPlan={blockPlan} cursor={row === 'weeks' ? column : null} />
      </thead>
      <tbody role="rowgroup">
        {rows.map((one) => {
          const at = row === one.id ? column : null;
          if (one.kind === 'session')
            return [
              <SessionRow
                key={one.id}
                cycleDays={props.block.cycleDays}
                athlete={athlete}
                weeks={sessionWeeks(one.session.id, blockPlan)}
                row={one}
                cursor={at}
                open={open(one)}
              />,
              adding(null, one.session.id),
            ];
          const view = views.get(one.id);
          if (one.kind !== 'slot' || view === undefined) return null;
          return [
            <SlotRow
              key={one.id}
              id={one.id}
              view={view}
              cursor={at}
              selected={chosenRows.has(one.id) ? (chosen?.columns ?? null) : null}
              open={open(one)}
            />,
            adding(one.id, one.session.id),
          ];
        })}
      </tbody>
    </table>
  );
});

function HeadRow({ blockPlan, cursor }: { readonly blockPlan: BlockPlan; readonly cursor: ColumnId | null }) {
  return (
    <tr role="row" className={classes.headRow}>
      {PRESCRIPTION.map(({ id, head, isNumber }) => (
        <th
          key={id}
          role="columnheader"
          scope="col"
          className={`${classes.head} ${id === 'slot' ? classes.sticky : ''} ${isNumber ? classes.number : ''}`}
        >
          <span className={classes.headText}>{head}</span>
        </th>
      ))}
      {blockPlan.weeks.map(({ plan, status }) => {
        const column = weekColumn(plan.week);
        return (
          <th
            key={plan.week}
            role="columnheader"
            scope="col"
            className={`${classes.head} ${classes.week} ${classes.cell}`}
            data-row="weeks"
            data-column={column}
            tabIndex={cursor === column ? 0 : -1}
            data-current={plan.week === blockPlan.currentWeek}
            data-deload={plan.kind === 'deload'}
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

type CellEditorProps = GridProps & { readonly row: Row; readonly editing: Editing };

/** What a cell is edited with: a list, the technique picker, or plain text. */
function CellEditor(props: CellEditorProps) {
  const { row, editing, block, athlete, catalogue, blockPlan, onCommit, onPick, onTechnique, onClose } =
    props;
  const { cell, text } = editing;
  const typing = (label: string, initial: string) => (
    <TextEditor
      label={label}
      initial={text ?? initial}
      typed={text !== null}
      onCommit={(typed, leave) => onCommit(cell, typed, leave)}
      onCancel={onClose}
    />
  );
  const picking = (label: string, choices: Parameters<typeof Picker>[0]['choices']) => (
    <Picker
      label={label}
      choices={choices}
      initial={text ?? ''}
      onPick={(value) => onPick(cell, value)}
      onCancel={onClose}
    />
  );
  if (row.kind === 'weeks') return null;
  const { session } = row;
  const place = placeFor(athlete, session.place);
  if (row.kind === 'session') {
    if (cell.column === 'slot') return typing('Name of the session', session.name);
    if (cell.column === 'technique') return picking('Place of the session', placeChoices(athlete.places));
    return typing('Day of the session', dayName(session.day, block.cycleDays));
  }
  const { slot } = row;
  const exercise = catalogue.find(slot.exercise);
  const name = capital(exercise?.name ?? '');
  const prescription = prescriptionColumn(cell.column);
  if (prescription?.editor === 'exercises')
    return picking(`Exercise of slot ${row.at}`, exerciseChoices(catalogue, place));
  if (prescription?.editor === 'techniques') {
    return exercise === undefined ? null : (
      <TechniquePicker
        label={`Technique of slot ${row.at}`}
        slot={slot}
        exercise={exercise}
        search={text ?? ''}
        onTake={(technique, drift, safety) => onTechnique(slot.id, technique, drift, safety)}
        onClose={onClose}
      />
    );
  }
  const week = weekOf(cell.column);
  if (week !== null) {
    const own = slot.weeks.find((one) => one.week === week);
    const asked: SlotPlan | undefined = plannedSlots(blockPlan).get(`${week}/${slot.id}`);
    const [first] = asked?.sets ?? [];
    const rule =
      asked === undefined || first === undefined
        ? ''
        : `${asked.sets.filter(({ piece, optional }) => piece === 1 && !optional).length}×${first.reps}${first.load === null ? '' : `·${first.load}`}`;
    return typing(`${name}, week ${week} alone`, own === undefined ? rule : overrideText(own));
  }
  if (prescription === undefined) return null;
  const known = { athlete, catalogue, place };
  return typing(
    `${name}, ${prescription.label ?? prescription.id}`,
    cellText(prescription.id, slot, known).typed,
  );
}

function AddingRow({ block, athlete, catalogue, blockPlan, adding, onAdd, onClose }: GridProps) {
  const session = block.sessions.find(({ id }) => id === adding?.session);
  const place = placeFor(athlete, session?.place ?? null);
  return (
    <tr role="row" className={classes.row} data-open="true">
      <td role="gridcell" tabIndex={-1} className={`${classes.cell} ${classes.sticky}`}>
        <span className={classes.text}>&nbsp;</span>
        <Picker
          label="Exercise of the new slot"
          choices={exerciseChoices(catalogue, place, true)}
          initial=""
          onPick={onAdd}
          onCancel={onClose}
        />
      </td>
      <td
        role="gridcell"
        tabIndex={-1}
        style={{ gridColumn: `2 / ${PRESCRIPTION.length + blockPlan.weeks.length + 1}` }}
      />
    </tr>
  );
}

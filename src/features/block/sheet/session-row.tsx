'use client';

import { isEqual } from 'es-toolkit';
import { memo } from 'react';
import { type Athlete, type BlockPlan, placeFor } from '@/core';
import { minutes, span } from '@/ui/words/figures';
import { dayName } from '@/ui/words/names';
import classes from '../block.module.css';
import { PRESCRIPTION } from './columns/registry';
import { type ColumnId, type Row, sessionIn, weekColumn } from './layout';

/** The day takes the columns up to the one where the place stands. */
const DAY_SPAN = PRESCRIPTION.findIndex(({ id }) => id === 'technique') - 1;

interface SessionRowProps {
  readonly cycleDays: number;
  readonly athlete: Athlete;
  /** Its weeks as they are shown. */
  readonly weeks: readonly SessionWeek[];
  readonly row: Extract<Row, { kind: 'session' }>;
  readonly cursor: ColumnId | null;
  readonly editing: { readonly column: ColumnId; readonly editor: React.ReactNode } | null;
}

/** What a session shows of a week. */
export interface SessionWeek {
  readonly column: ColumnId;
  readonly minutes: string;
  readonly current: boolean;
  readonly deload: boolean;
}

/** The weeks of a session as they are shown. */
export function sessionWeeks(sessionId: string, blockPlan: BlockPlan): readonly SessionWeek[] {
  return blockPlan.weeks.map((weekState) => {
    const planned = sessionIn(weekState, sessionId);
    const idle = planned === undefined || planned.sets === 0;
    return {
      column: weekColumn(weekState.plan.week),
      minutes: idle ? '' : `${span(minutes(planned.seconds.low), minutes(planned.seconds.high))} min`,
      current: weekState.plan.week === blockPlan.currentWeek,
      deload: weekState.plan.kind === 'deload',
    };
  });
}

function alike(a: SessionRowProps, b: SessionRowProps): boolean {
  return (
    a.row.session === b.row.session &&
    a.row.letter === b.row.letter &&
    a.cycleDays === b.cycleDays &&
    a.athlete === b.athlete &&
    a.cursor === b.cursor &&
    a.editing === null &&
    b.editing === null &&
    isEqual(a.weeks, b.weeks)
  );
}

/** One session: its name, day and place, and how long it lasts in each week. Drawn again only when that changes. */
export const SessionRow = memo(function SessionRow(props: SessionRowProps) {
  const { cycleDays, athlete, weeks, row, cursor, editing } = props;
  const { session } = row;
  const common = (column: ColumnId) => ({
    'data-row': row.id,
    'data-column': column,
    tabIndex: cursor === column ? 0 : -1,
  });
  const editor = (column: ColumnId) => (editing?.column === column ? editing.editor : null);
  return (
    <tr role="row" className={classes.sessionRow} data-editing={editing !== null}>
      <td role="gridcell" className={`${classes.cell} ${classes.sticky}`} {...common('slot')}>
        <span className={`${classes.text} ${classes.sessionName}`} data-long>
          <span className={classes.letter}>{row.letter}</span>
          {session.name}
        </span>
        {editor('slot')}
      </td>
      <td
        role="gridcell"
        className={classes.cell}
        style={{ gridColumn: `span ${DAY_SPAN}` }}
        {...common('sets')}
      >
        <span className={`${classes.text} ${classes.quiet}`} data-long>
          {dayName(session.day, cycleDays)}
        </span>
        {editor('sets')}
      </td>
      <td
        role="gridcell"
        className={classes.cell}
        style={{ gridColumn: `span ${PRESCRIPTION.length - 1 - DAY_SPAN}` }}
        {...common('technique')}
      >
        <span className={`${classes.text} ${session.place === null ? classes.quiet : ''}`} data-long>
          {placeFor(athlete, session.place).name}
        </span>
        {editor('technique')}
      </td>
      {weeks.map(({ column, minutes: shown, current, deload }) => (
        <td
          role="gridcell"
          key={column}
          className={`${classes.cell} ${classes.week}`}
          data-current={current}
          data-deload={deload}
          {...common(column)}
        >
          <span className={classes.text}>{shown}</span>
        </td>
      ))}
    </tr>
  );
}, alike);

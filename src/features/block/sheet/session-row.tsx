'use client';

import { isEqual } from 'es-toolkit';
import Link from 'next/link';
import { memo } from 'react';
import { type Athlete, type BlockPlan, placeFor, type Session, sessionWeek } from '@/core';
import { minutes, span } from '@/ui/words/figures';
import { dayName } from '@/ui/words/names';
import * as commonWords from '@/ui/words/screens/common';
import * as screenWords from '@/ui/words/screens/sheet';
import classes from '../block.module.css';
import { PRESCRIPTION } from './columns/registry';
import { type ColumnId, type Row, sessionIn, weekColumn, widthOf } from './layout';
import { COLUMN_TEXT, mayOverflow, SESSION_NAME } from './text-width';

/** The day spans the columns up to the place's. */
const DAY_SPAN = PRESCRIPTION.findIndex(({ id }) => id === 'technique') - 1;

const widthOfColumns = (columns: typeof PRESCRIPTION) => columns.reduce((sum, { width }) => sum + width, 0);
const DAY_WIDTH = widthOfColumns(PRESCRIPTION.slice(1, 1 + DAY_SPAN));
const PLACE_WIDTH = widthOfColumns(PRESCRIPTION.slice(1 + DAY_SPAN));

interface SessionRowProps {
  readonly cycleDays: number;
  readonly athlete: Athlete;
  /** Its weeks as shown. */
  readonly blockId: string;
  readonly weeks: readonly WeekOfSession[];
  readonly row: Extract<Row, { kind: 'session' }>;
  readonly cursor: ColumnId | null;
  readonly editing: { readonly column: ColumnId; readonly editor: React.ReactNode } | null;
}

/** A session in a week, as shown. */
export interface WeekOfSession {
  readonly column: ColumnId;
  /** Its duration, with its day if the week overrides it; or that it is skipped. */
  readonly text: string;
  /** The finished session; null if it has not started. */
  readonly done: string | null;
  readonly current: boolean;
  readonly deload: boolean;
}

/** A session's weeks as shown. */
export function sessionWeeks(
  session: Session,
  blockPlan: BlockPlan,
  cycleDays: number,
): readonly WeekOfSession[] {
  return blockPlan.weeks.map((weekState) => {
    const { week } = weekState.plan;
    const planned = sessionIn(weekState, session.id);
    const own = sessionWeek(session, week);
    const lasts =
      planned === undefined || planned.sets === 0
        ? ''
        : screenWords.spanMinutes(span(minutes(planned.seconds.low), minutes(planned.seconds.high)));
    const moved = own?.day != null && planned !== undefined && planned.day !== session.day;
    return {
      column: weekColumn(week),
      text:
        planned === undefined && own?.left === true
          ? commonWords.skipped
          : moved
            ? `${dayName(planned.day, cycleDays)} ${lasts}`
            : lasts,
      done: weekState.performed.get(session.id)?.workout.id ?? null,
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

/** A session: name, day and place, and its duration in each week. Renders again only when these change. */
export const SessionRow = memo(function SessionRow(props: SessionRowProps) {
  const { blockId, cycleDays, athlete, weeks, row, cursor, editing } = props;
  const { session } = row;
  const day = dayName(session.day, cycleDays);
  const place = placeFor(athlete, session.place).name;
  const common = (column: ColumnId) => ({
    'data-row': row.id,
    'data-column': column,
    'data-open': editing?.column === column,
    tabIndex: cursor === column ? 0 : -1,
  });
  const editor = (column: ColumnId) => (editing?.column === column ? editing.editor : null);
  return (
    <tr role="row" className={classes.sessionRow}>
      <td role="gridcell" className={`${classes.cell} ${classes.sticky}`} {...common('slot')}>
        <span
          className={`${classes.text} ${classes.sessionName}`}
          data-long={mayOverflow(session.name, widthOf('slot'), SESSION_NAME)}
        >
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
        <span
          className={`${classes.text} ${classes.quiet}`}
          data-long={mayOverflow(day, DAY_WIDTH, COLUMN_TEXT)}
        >
          {day}
        </span>
        {editor('sets')}
      </td>
      <td
        role="gridcell"
        className={classes.cell}
        style={{ gridColumn: `span ${PRESCRIPTION.length - 1 - DAY_SPAN}` }}
        {...common('technique')}
      >
        <span
          className={`${classes.text} ${session.place === null ? classes.quiet : ''}`}
          data-long={mayOverflow(place, PLACE_WIDTH, COLUMN_TEXT)}
        >
          {place}
        </span>
        {editor('technique')}
      </td>
      {weeks.map(({ column, text, done, current, deload }) => (
        <td
          role="gridcell"
          key={column}
          className={`${classes.cell} ${classes.week}`}
          data-current={current}
          data-deload={deload}
          {...common(column)}
        >
          <span className={classes.text}>
            {done === null ? (
              text
            ) : (
              <Link
                href={`/blocks/${blockId}/done/${done}`}
                prefetch={false}
                tabIndex={-1}
                title={screenWords.openTheSessionAsIt}
              >
                {text}
              </Link>
            )}
          </span>
        </td>
      ))}
    </tr>
  );
}, alike);

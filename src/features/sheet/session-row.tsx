'use client';

import { type Athlete, type Block, type Ladder, placeFor } from '@/core';
import { minutes, span } from '@/ui/words/figures';
import { dayName } from '@/ui/words/names';
import { type ColumnId, PRESCRIPTION, type Row, sessionIn, weekColumn } from './layout';
import classes from './sheet.module.css';

/** The day takes the columns up to the one where the place stands. */
const DAY_SPAN = PRESCRIPTION.findIndex(({ id }) => id === 'how') - 1;

interface SessionRowProps {
  readonly block: Block;
  readonly athlete: Athlete;
  readonly ladder: Ladder;
  readonly row: Extract<Row, { kind: 'session' }>;
  readonly cursor: ColumnId | null;
  readonly open: { readonly column: ColumnId; readonly editor: React.ReactNode } | null;
}

/** One session: its name, day and place, and how long it lasts in each week. */
export function SessionRow({ block, athlete, ladder, row, cursor, open }: SessionRowProps) {
  const { session } = row;
  const common = (column: ColumnId) => ({
    'data-row': row.id,
    'data-column': column,
    tabIndex: cursor === column ? 0 : -1,
  });
  const editor = (column: ColumnId) => (open?.column === column ? open.editor : null);
  return (
    <tr role="row" className={classes.sessionRow} data-open={open !== null}>
      <td role="gridcell" className={`${classes.cell} ${classes.sticky}`} {...common('slot')}>
        <span className={`${classes.text} ${classes.sessionName}`}>
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
        <span className={`${classes.text} ${classes.quiet}`}>{dayName(session.day, block.cycleDays)}</span>
        {editor('sets')}
      </td>
      <td
        role="gridcell"
        className={classes.cell}
        style={{ gridColumn: `span ${PRESCRIPTION.length - 1 - DAY_SPAN}` }}
        {...common('how')}
      >
        <span className={`${classes.text} ${session.place === null ? classes.quiet : ''}`}>
          {placeFor(athlete, session.place).name}
        </span>
        {editor('how')}
      </td>
      {ladder.rungs.map((rung) => {
        const column = weekColumn(rung.plan.week);
        const planned = sessionIn(rung, session.id);
        return (
          <td
            role="gridcell"
            key={column}
            className={`${classes.cell} ${classes.week}`}
            data-current={rung.plan.week === ladder.currentWeek}
            data-deload={rung.plan.kind === 'deload'}
            {...common(column)}
          >
            <span className={classes.text}>
              {planned === undefined || planned.sets === 0
                ? ''
                : `${span(minutes(planned.seconds.low), minutes(planned.seconds.high))} min`}
            </span>
          </td>
        );
      })}
    </tr>
  );
}

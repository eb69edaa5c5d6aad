import type { BlockPlan } from '@/core';
import { Term } from '@/ui/term';
import { figure } from '@/ui/words/figures';
import * as common from '@/ui/words/screens/common';
import * as screenWords from '@/ui/words/screens/sheet';
import { WEEK_STATUS_NAMES } from '@/ui/words/values';
import classes from '../block.module.css';
import type { SheetColumn } from './columns/column';
import { PRESCRIPTION } from './columns/registry';
import { type ColumnId, weekColumn } from './layout';

const HEADS: readonly SheetColumn[] = PRESCRIPTION;

/** Column headings, and each week with its RIR and hard sets. */
export function HeadRow({
  blockPlan,
  cursor,
}: {
  readonly blockPlan: BlockPlan;
  readonly cursor: ColumnId | null;
}) {
  return (
    <tr role="row" className={classes.headRow}>
      {HEADS.map(({ id, head, word, isNumber }) => (
        <th
          key={id}
          role="columnheader"
          scope="col"
          className={`${classes.head} ${id === 'slot' ? classes.sticky : ''} ${isNumber ? classes.number : ''}`}
        >
          <span className={classes.headText}>
            {word === undefined ? head : <Term word={word}>{head}</Term>}
          </span>
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
            <span className={classes.weekName}>
              {plan.kind === 'deload' ? common.deloadText : screenWords.week(plan.week)}
            </span>
            <span className={classes.weekFacts}>
              {status === 'planned'
                ? screenWords.weekFacts(plan.rir, figure(plan.hardSets, 0))
                : WEEK_STATUS_NAMES[status]}
            </span>
          </th>
        );
      })}
    </tr>
  );
}

import { type Block, weekStart } from '../block/block';
import { addDays, type LocalDate } from '../calendar';
import { deloadWeeks } from '../recovery/deload/deload';

/** A range of days, both ends included. */
export interface Days {
  readonly from: LocalDate;
  readonly to: LocalDate;
}

/** A block's dates in the year, with its deloads and pauses. */
export interface BlockSpan extends Days {
  readonly deloads: readonly Days[];
  readonly pauses: readonly Days[];
}

/** The days of a planned block: building weeks, early and planned deloads, and pauses. */
export function blockSpan(
  block: Pick<Block, 'startDate' | 'weeks' | 'cycleDays' | 'pauses' | 'earlyDeloads' | 'deload'>,
): BlockSpan {
  const planned = deloadWeeks(block.deload);
  const last = block.weeks + block.earlyDeloads.length + planned;
  const daysOf = (week: number): Days => {
    const from = weekStart(block, week);
    return { from, to: addDays(from, block.cycleDays - 1) };
  };
  const deloads = [
    ...block.earlyDeloads,
    ...Array.from({ length: planned }, (_, at) => last - planned + 1 + at),
  ];
  return {
    from: block.startDate,
    to: daysOf(last).to,
    deloads: [...deloads].sort((a, b) => a - b).map(daysOf),
    pauses: block.pauses.map(({ after, days }) => {
      const to = addDays(weekStart(block, after + 1), -1);
      return { from: addDays(to, 1 - days), to };
    }),
  };
}

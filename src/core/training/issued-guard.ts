import type { Block } from '../block/block';
import { BOUNDS } from '../block/bounds';
import type { Problem } from '../problem';

/**
 * Sent weeks stay: a block is not cut below its last sent building week.
 * @param issued the number of that week; 0 if none was sent
 */
export function cutsIssued(after: Pick<Block, 'weeks'>, issued: number): readonly Problem[] {
  if (after.weeks >= issued) return [];
  const { high } = BOUNDS.weeks;
  return [
    {
      code: 'out-of-range',
      path: 'block/weeks',
      field: 'weeks',
      low: issued,
      high,
      value: after.weeks,
      whole: true,
    },
  ];
}

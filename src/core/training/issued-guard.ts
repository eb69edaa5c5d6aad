import type { Block } from '../block/block';
import { BOUNDS } from '../block/bounds';
import type { Problem } from '../problem';

/**
 * Weeks that were handed out stand: a block is not cut below the last building week issued.
 * @param issued the number of that week; 0 where none was
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

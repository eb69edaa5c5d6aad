import type { Block } from '../block/block';

/** The factor on all loads of a week: every shift up to that week, multiplied. */
export function loadShift({ loadShifts }: Pick<Block, 'loadShifts'>, week: number): number {
  return loadShifts.reduce(
    (share, shift) => (shift.week <= week ? share * (1 + shift.percent / 100) : share),
    1,
  );
}

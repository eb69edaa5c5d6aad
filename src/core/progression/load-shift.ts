import type { Block } from '../block/block';

/** What all loads of a week are moved to, as a share of what they would be: every shift up to that week, one upon the other. */
export function loadShift({ loadShifts }: Pick<Block, 'loadShifts'>, week: number): number {
  return loadShifts.reduce(
    (share, shift) => (shift.week <= week ? share * (1 + shift.percent / 100) : share),
    1,
  );
}

import type { SlotPlan } from '../plan/slot';
import { isAtMost } from '../rounding';

/**
 * Whether a slot ends because its reps fell: a whole set was logged with the slot's percentage fewer reps than the
 * first.
 * @param repsOf reps logged for a planned set; undefined if not logged
 */
export function hasStopped(
  { sets, stopFall }: Pick<SlotPlan, 'sets' | 'stopFall'>,
  repsOf: (setId: string) => number | undefined,
): boolean {
  if (stopFall == null) return false;
  const [first, ...later] = sets.filter(({ piece }) => piece === 1);
  const start = first && repsOf(first.id);
  if (start === undefined) return false;
  const end = start * (1 - stopFall / 100);
  return later.some(({ id }) => {
    const reps = repsOf(id);
    return reps !== undefined && isAtMost(reps, end);
  });
}

import type { SlotPlan } from '../plan/slot';
import { isAtMost } from '../rounding';

/** A set as far as its performance goes: load in any one unit, as logged. */
export interface SetShown {
  readonly load: number;
  readonly reps: number;
  readonly rir: number;
}

/**
 * Whether a slot ends because its performance fell: a whole set was logged with the slot's percentage less than the
 * first, in reps, in reps and RIR together (as many reps that were harder), or in load.
 * @param doneOf what was logged for a planned set; undefined if nothing was
 */
export function hasStopped(
  { sets, stopFall }: Pick<SlotPlan, 'sets' | 'stopFall'>,
  doneOf: (setId: string) => SetShown | undefined,
): boolean {
  if (stopFall == null) return false;
  const [first, ...later] = sets.filter(({ piece }) => piece === 1);
  const start = first && doneOf(first.id);
  if (start === undefined) return false;
  const left = 1 - stopFall / 100;
  return later.some(({ id }) => {
    const done = doneOf(id);
    if (done === undefined) return false;
    return (
      isAtMost(done.reps, start.reps * left) ||
      isAtMost(done.reps + done.rir, (start.reps + start.rir) * left) ||
      (start.load > 0 && isAtMost(done.load, start.load * left))
    );
  });
}

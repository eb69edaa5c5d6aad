import type { Slot } from '../block/block';
import type { NearConventions } from '../conventions/own-conventions';
import { averageFirstRir, driftPerSet, smallReps } from '../effort/drift';
import type { Exercise } from '../exercises/exercise';
import type { SlotPlan } from '../plan/slot';
import { isAtLeast, isAtMost, roundHalfUp } from '../rounding';

/** Most sets anybody adds to a slot at once. */
const MOST = 10;

interface Room {
  readonly slot: Pick<Slot, 'range' | 'drift'>;
  readonly exercise: Exercise;
  /** The slot as planned in the week that would get more sets. */
  readonly planned: SlotPlan;
  readonly near: NearConventions;
  /** Whether a range that leaves set 1 only its top still has room: the load may not suit it, so it is not sure. */
  readonly lastStep: boolean;
}

/**
 * Sets that a slot's range still has room for, 0 to 10: with each set a little less is possible, and the last one
 * still reaches the bottom of the range and can be done. With reps held on average, set 1 must still count.
 */
export function setRoom({ slot, exercise, planned, near, lastStep }: Room): number {
  const { reps } = planned.why;
  if (reps.code !== 'reps/drift') return MOST;
  const sets = planned.sets.filter(({ optional }) => !optional);
  const fits = (all: number): boolean => {
    if (slot.drift === 'hold RIR') {
      const { low, high } = slot.range;
      const perSet = driftPerSet(reps.seconds, near.ofExercise(exercise), smallReps(exercise, high));
      const first = low + roundHalfUp(perSet * (all - 1));
      return lastStep ? first <= high : first < high;
    }
    if (slot.drift === 'hold reps, first set')
      return isAtLeast((sets.at(-1)?.rir ?? 0) - (all - sets.length) * reps.perSet, 0);
    const asked = sets.reduce((sum, { rir }) => sum + rir, 0) / sets.length;
    const firstRir = averageFirstRir(asked, reps.perSet, all, near.whole);
    return isAtMost(firstRir + near.whole.fitTolerance, near.whole.hardSetRir);
  };
  let room = 0;
  while (room < MOST && fits(sets.length + room + 1)) room++;
  return room;
}

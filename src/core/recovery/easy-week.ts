import { roundHalfUp } from '../rounding';

/**
 * A slot's sets after a factor: rounded half up, at least one.
 * @param before sets of the earlier slots if all are rounded together; then a slot may have none left
 */
export function fewerSets(sets: number, factor: number, before = 0): number {
  if (before === 0) return Math.max(1, roundHalfUp(sets * factor));
  return Math.max(0, roundHalfUp((before + sets) * factor) - Math.max(1, roundHalfUp(before * factor)));
}

/**
 * Reps that leave this RIR at a load: as many as possible, never more than before and at least one.
 * @param capacity reps to failure at the load
 */
export function easyReps(capacity: number, before: number, rir: number): number {
  return Math.max(1, Math.min(before, Math.floor(capacity - rir + 1e-9)));
}

import { roundHalfUp } from '../rounding';

/**
 * Sets left of a slot by a factor: rounded half up, at least one.
 * @param before sets of the slots before it, where all of them together are rounded once; then a slot may be left none
 */
export function fewerSets(sets: number, factor: number, before = 0): number {
  if (before === 0) return Math.max(1, roundHalfUp(sets * factor));
  return Math.max(0, roundHalfUp((before + sets) * factor) - Math.max(1, roundHalfUp(before * factor)));
}

/**
 * Reps that leave so many in reserve at a load: as many as the capacity allows, never more than were done before and at
 * least one.
 * @param capacity reps to failure at the load
 */
export function easyReps(capacity: number, before: number, rir: number): number {
  return Math.max(1, Math.min(before, Math.floor(capacity - rir + 1e-9)));
}

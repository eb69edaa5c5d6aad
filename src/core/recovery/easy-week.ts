import { roundHalfUp } from '../rounding';

/** Sets left of a slot by a factor: rounded half up, at least one. */
export function fewerSets(sets: number, factor: number): number {
  return Math.max(1, roundHalfUp(sets * factor));
}

/**
 * Reps that leave so many in reserve at a load: as many as the capacity allows, never more than were done before and at
 * least one.
 * @param capacity reps to failure at the load
 */
export function easyReps(capacity: number, before: number, rir: number): number {
  return Math.max(1, Math.min(before, Math.floor(capacity - rir + 1e-9)));
}

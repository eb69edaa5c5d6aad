import type { Conventions } from '../conventions/conventions';
import { roundHalfUp } from '../rounding';

/**
 * Reps lost by each further set at a fixed load: clamp(150 / seconds since the slot's last set, 0.5, 3).
 * @param secondsSinceLastSet rest before the set, in seconds; 0 counts as the shortest rest
 */
export function driftPerSet(secondsSinceLastSet: number, conventions: Conventions): number {
  const raw =
    secondsSinceLastSet <= 0 ? Number.POSITIVE_INFINITY : conventions.driftSeconds / secondsSinceLastSet;
  return Math.min(conventions.driftMost, Math.max(conventions.driftLeast, raw));
}

/** What set k (1-based) asks for. */
export interface DriftedSet {
  readonly reps: number;
  /** RIR at its end; below 0 the set cannot be completed as written. */
  readonly rir: number;
}

/**
 * Hold RIR: set k asks fewer reps at the same RIR. Hold reps: every set asks the same reps and ends nearer failure.
 * At least one rep is asked.
 */
export function driftedSet(
  mode: 'hold RIR' | 'hold reps',
  first: DriftedSet,
  perSet: number,
  k: number,
): DriftedSet {
  const lost = perSet * (k - 1);
  return mode === 'hold RIR'
    ? { reps: Math.max(1, first.reps - roundHalfUp(lost)), rir: first.rir }
    : { reps: first.reps, rir: first.rir - lost };
}

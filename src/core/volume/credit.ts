import type { Conventions } from '../conventions/conventions';
import { clamp, isAtMost, roundToHalf } from '../rounding';
import type { Crediting } from './schools';

/** A set for counting: its credit whatever it trains, its reps and RIR. */
export interface CreditedSet {
  readonly credit: number;
  readonly reps: number;
  readonly rir: number;
}

/** What one set counts toward a muscle, 0-1. */
export type CreditingSchool = (set: CreditedSet, contribution: number, conventions: Conventions) => number;

/** A working set is hard if it ends within the threshold of failure; a predicted RIR counts to the nearest half. */
export function isHard(rir: number, conventions: Conventions): boolean {
  return isAtMost(roundToHalf(rir), conventions.hardSetRir);
}

/**
 * Ways of counting. Direct only: prime movers. Fractional: the contribution itself. Inclusive: every clear assistance
 * as a whole set. Near-failure reps: clamp(5 - RIR, 0, reps) / 5 of a counted set, times the contribution; of a round
 * its last part alone.
 */
export const CREDITING: Readonly<Record<Crediting, CreditingSchool>> = {
  fractional: ({ credit }, contribution) => credit * contribution,
  'direct only': ({ credit }, contribution) => (contribution === 1 ? credit : 0),
  inclusive: ({ credit }, contribution) => (contribution >= 0.5 ? credit : 0),
  'near-failure reps': ({ credit, reps, rir }, contribution, { effectiveReps }) =>
    credit === 0
      ? 0
      : (clamp(effectiveReps - Math.max(rir, 0), 0, Math.min(reps, effectiveReps)) / effectiveReps) *
        contribution,
};

import type { Conventions } from '../conventions/conventions';
import { clamp } from '../rounding';
import type { Crediting } from './schools';

/** Credit of one set to a muscle, 0-1. */
export type CreditingSchool = (
  set: { readonly reps: number; readonly rir: number },
  contribution: number,
  conventions: Conventions,
) => number;

/** A working set is hard when it ends within the threshold of failure. */
export function isHard(rir: number, conventions: Conventions): boolean {
  return rir <= conventions.hardSetRir;
}

const whenHard =
  (credit: (contribution: number) => number): CreditingSchool =>
  ({ rir }, contribution, conventions) =>
    isHard(rir, conventions) ? credit(contribution) : 0;

/**
 * Schools of counting. Direct only: prime movers. Fractional: the contribution itself. Inclusive: every clear
 * assistance as a whole set. Near-failure reps: clamp(5 - RIR, 0, reps) / 5 of a set, times the contribution, whatever
 * the threshold.
 */
export const CREDITING: Readonly<Record<Crediting, CreditingSchool>> = {
  fractional: whenHard((contribution) => contribution),
  'direct only': whenHard((contribution) => (contribution === 1 ? 1 : 0)),
  inclusive: whenHard((contribution) => (contribution >= 0.5 ? 1 : 0)),
  'near-failure reps': ({ reps, rir }, contribution, { effectiveReps }) =>
    (clamp(effectiveReps - rir, 0, Math.min(reps, effectiveReps)) / effectiveReps) * contribution,
};

import type { RepRange } from '../block/rep-range';
import type { Conventions } from '../conventions/conventions';
import { roundHalfUp } from '../rounding';

/**
 * Reps lost by each further set at a fixed load: max(0.5, 1 + (150 - seconds) / 180), so 1 at 150 s and 1.5 at 60 s.
 * @param seconds since the side last worked
 */
export function driftPerSet(
  seconds: number,
  { driftSeconds, driftSlope, driftLeast }: Pick<Conventions, 'driftSeconds' | 'driftSlope' | 'driftLeast'>,
): number {
  return Math.max(driftLeast, 1 + (driftSeconds - seconds) / driftSlope);
}

/** What set k (1-based) asks for. */
export interface DriftedSet {
  readonly reps: number;
  /** RIR at its end; below 0 the set cannot be completed as written. */
  readonly rir: number;
}

/** What is held over the sets of a slot, and, where it is the reps, whether the RIR is met on average or by set 1. */
export type Held = 'hold RIR' | 'hold reps';

/**
 * Hold RIR: set k asks fewer reps at the same RIR. Hold reps: every set asks the same reps and ends nearer failure.
 * At least one rep is asked.
 */
export function driftedSet(mode: Held, first: DriftedSet, perSet: number, k: number): DriftedSet {
  const lost = perSet * (k - 1);
  return mode === 'hold RIR'
    ? { reps: Math.max(1, first.reps - roundHalfUp(lost)), rir: first.rir }
    : { reps: first.reps, rir: first.rir - lost };
}

/**
 * RIR of set 1 where every set asks the same reps and they meet the asked RIR on average: half of what drifts above it,
 * and at least so much that the last set can be done.
 */
export function averageFirstRir(rir: number, perSet: number, sets: number): number {
  const lost = perSet * Math.max(0, sets - 1);
  return Math.max(rir + lost / 2, lost);
}

/**
 * What set 1 may ask so that every set still reaches the bottom of the range: from the bottom and what drifts, or what a
 * set easier than the first asks less, up to the top; the top alone where the span is too small for that.
 * @param efforts RIR of each of its sets, in order
 */
export function firstSetRange(range: RepRange, perSet: number, efforts: readonly number[]): RepRange {
  const [first = 0] = efforts;
  const lost = efforts.map((rir, at) => roundHalfUp(perSet * at) + roundHalfUp(rir - first));
  return { low: Math.min(range.high, range.low + Math.max(0, ...lost)), high: range.high };
}

/**
 * The same for holds, which lose a share of the first one's seconds with each further one.
 * @param share of the seconds lost by each further hold
 */
export function firstHoldRange(range: RepRange, share: number, sets: number): RepRange {
  const left = 1 - share * Math.max(0, sets - 1);
  const low = left <= 0 ? range.high : Math.ceil(range.low / left - 1e-9);
  return { low: Math.min(range.high, low), high: range.high };
}

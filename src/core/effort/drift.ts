import { isInGroup } from '../anatomy/roll-up';
import type { RepRange } from '../block/rep-range';
import type { Conventions } from '../conventions/conventions';
import { type Exercise, primeMovers } from '../exercises/exercise';
import { roundHalfUp } from '../rounding';

/** The conventions behind drop-off. */
type DriftConventions = Pick<
  Conventions,
  'driftSeconds' | 'driftSlope' | 'driftLeast' | 'smallDriftRest' | 'smallDriftFrom' | 'smallDriftReps'
>;

/**
 * Reps lost by each further set at a fixed load: max(0.5, 1 + (150 - seconds) / 180), so 1 at 150 s and 1.5 at 60 s.
 * Long sets of small isolation lifts after short rests lose more: below 75 s, from 15 reps on, x reps / 12.
 * @param seconds since the side last worked
 * @param smallReps reps of set 1 of a small isolation lift, from `smallReps`; 0 for every other lift
 */
export function driftPerSet(seconds: number, conventions: DriftConventions, smallReps = 0): number {
  const { driftSeconds, driftSlope, driftLeast, smallDriftRest, smallDriftFrom, smallDriftReps } =
    conventions;
  const plain = Math.max(driftLeast, 1 + (driftSeconds - seconds) / driftSlope);
  const isLong = seconds < smallDriftRest && smallReps >= smallDriftFrom;
  return isLong ? (plain * smallReps) / smallDriftReps : plain;
}

/** The reps of a set, if its exercise isolates small muscles; otherwise 0. */
export function smallReps(exercise: Exercise, reps: number): number {
  if (exercise.kind !== 'isolation' || exercise.measure === 'seconds') return 0;
  const movers = primeMovers(exercise);
  return movers.length > 0 && movers.every((muscle) => isInGroup('small', muscle)) ? reps : 0;
}

/** What set k (from 1) asks for. */
export interface DriftedSet {
  readonly reps: number;
  /** RIR at its end; below 0 the set cannot be completed as written. */
  readonly rir: number;
}

/**
 * What stays constant over a slot's sets: RIR or reps. With constant reps, whether the RIR is met on average or by
 * set 1.
 */
export type Held = 'hold RIR' | 'hold reps';

/**
 * Constant RIR: set k asks for fewer reps at the same RIR. Constant reps: every set asks for the same reps and ends
 * closer to failure. At least one rep is asked.
 */
export function setAfterDrift(mode: Held, first: DriftedSet, perSet: number, k: number): DriftedSet {
  const lost = perSet * (k - 1);
  return mode === 'hold RIR'
    ? { reps: Math.max(1, first.reps - roundHalfUp(lost)), rir: first.rir }
    : { reps: first.reps, rir: first.rir - lost };
}

/**
 * RIR of set 1 if every set has the same reps and their RIR averages to the target: half of the total drop-off above
 * it, but no more than a set may have left to count, and at least enough that the last set can be completed.
 * @param hardSetRir RIR up to which a set counts
 * @param leastRir RIR that every set must keep
 */
export function averageFirstRir(
  rir: number,
  perSet: number,
  sets: number,
  { hardSetRir, leastRir = 0 }: { readonly hardSetRir: number; readonly leastRir?: number },
): number {
  const lost = perSet * Math.max(0, sets - 1);
  return Math.max(Math.min(rir + lost / 2, Math.max(rir, hardSetRir)), leastRir + lost);
}

/**
 * Reps set 1 may have so that every set reaches the bottom of the range: the bottom plus the drop-off, or plus what
 * an easier set gives up, up to the top; only the top if the range is too narrow.
 * @param efforts RIR of each of its sets, in order
 */
export function firstSetRange(range: RepRange, perSet: number, efforts: readonly number[]): RepRange {
  const [first = 0] = efforts;
  const lost = efforts.map((rir, at) => roundHalfUp(perSet * at) + roundHalfUp(rir - first));
  return { low: Math.min(range.high, range.low + Math.max(0, ...lost)), high: range.high };
}

/**
 * The same for holds, where each further hold loses a fraction of the first one's seconds.
 * @param share fraction of the seconds lost per further hold
 */
export function firstHoldRange(range: RepRange, share: number, sets: number): RepRange {
  const left = 1 - share * Math.max(0, sets - 1);
  const low = left <= 0 ? range.high : Math.ceil(range.low / left - 1e-9);
  return { low: Math.min(range.high, low), high: range.high };
}

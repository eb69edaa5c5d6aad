import type { Conventions } from '../conventions/conventions';
import { isAtLeast } from '../rounding';
import type { Exposure } from './exposure';

/** How many reps an athlete really loses from set to set, against what was reckoned. */
export interface OwnDrift {
  /** Reps lost for each that was reckoned. */
  readonly factor: number;
  /** Standard error of the factor. */
  readonly error: number;
  /** Pairs of sets it rests on. */
  readonly pairs: number;
}

/** Fewer pairs are chance. */
const LEAST_PAIRS = 12;
/** A factor this many errors away from one is no chance. */
const SURE = 2;
/** Where so few are left there is no room to lose any. */
const LEAST_REPS = 4;
/** Nobody plans by less than this. */
const LEAST_OFF = 0.1;
/** What nobody loses less or more than. */
const LEAST = 0.4;
const MOST = 3;

/**
 * Fits one factor to pairs of sets that follow each other at one load: the reps to failure that went between them, as done
 * and reported, against what the rests between them were reckoned to cost. Pairs done just as asked are left out: they tell
 * the rounding of what was written. Least squares through the origin by sums, so
 * that every reckoned rep weighs alike.
 * @returns undefined with fewer than twelve pairs
 */
export function ownDrift(exposures: readonly Exposure[]): OwnDrift | undefined {
  const pairs = exposures.flatMap(({ sets }) =>
    sets.flatMap((set, at) => {
      const before = sets[at - 1];
      if (before === undefined || before.load !== set.load) return [];
      if ((before.asAsked && set.asAsked) || set.reps < LEAST_REPS) return [];
      const reckoned = set.fatigue - before.fatigue;
      const lost = before.reps + before.rir - (set.reps + set.rir);
      return reckoned > 0 ? [{ reckoned, lost }] : [];
    }),
  );
  if (pairs.length < LEAST_PAIRS) return undefined;
  const sum = (of: (pair: (typeof pairs)[number]) => number) =>
    pairs.reduce((total, pair) => total + of(pair), 0);
  const reckoned = sum((pair) => pair.reckoned);
  const factor = sum(({ lost }) => lost) / reckoned;
  const spread = sum((pair) => (pair.lost - factor * pair.reckoned) ** 2) / (pairs.length - 1);
  return { factor, error: Math.sqrt(spread * pairs.length) / reckoned, pairs: pairs.length };
}

/** Whether the athlete's own drift is told apart from what was reckoned. */
export function beatsReckoned({ factor, error }: OwnDrift): boolean {
  const off = Math.abs(factor - 1);
  return factor >= LEAST && factor <= MOST && off > SURE * error && isAtLeast(off, LEAST_OFF);
}

type DriftFigures = Pick<Conventions, 'driftSeconds' | 'driftSlope' | 'driftLeast'>;

/**
 * The figures by which a set costs a factor of what it was reckoned at, whatever the rest: f (1 + (S - s) / k) is
 * 1 + (S' - s) / k' with k' = k / f and S' = S + k - k / f.
 */
export function driftTimes(
  factor: number,
  { driftSeconds, driftSlope, driftLeast }: DriftFigures,
): DriftFigures {
  const slope = driftSlope / factor;
  return {
    driftSeconds: Math.round(driftSeconds + driftSlope - slope),
    driftSlope: Math.round(slope),
    driftLeast: Math.round(100 * driftLeast * factor) / 100,
  };
}

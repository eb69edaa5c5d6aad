import type { Conventions } from '../conventions/conventions';
import { isAtLeast } from '../rounding';
import type { Exposure } from './exposure';

/** An athlete's actual drop-off between sets, compared with the assumed one. */
export interface OwnDrift {
  /** Reps lost per rep assumed. */
  readonly factor: number;
  /** Standard error of the factor. */
  readonly error: number;
  /** Number of set pairs. */
  readonly pairs: number;
}

/** Fewer pairs may be chance. */
const LEAST_PAIRS = 12;
/** A factor this many standard errors from 1 is not chance. */
const SURE = 2;
/** With this few reps left there is no room for a drop-off. */
const LEAST_REPS = 4;
/** A smaller difference does not change a plan. */
const LEAST_OFF = 0.1;
/** Plausible limits of the factor. */
const LEAST = 0.4;
const MOST = 3;

/**
 * Fits one factor to pairs of consecutive sets at one load: the change in reps to failure as logged, against the loss
 * assumed for the rest between them. Pairs done exactly as planned are left out, because they repeat the plan's
 * rounding. Least squares through the origin using sums, so that every assumed rep has equal weight.
 * @returns undefined with fewer than twelve pairs
 */
export function ownDrift(exposures: readonly Exposure[]): OwnDrift | undefined {
  const pairs = exposures.flatMap(({ sets }) =>
    sets.flatMap((set, at) => {
      const before = sets[at - 1];
      if (before === undefined || before.load !== set.load) return [];
      if ((before.asAsked && set.asAsked) || set.reps < LEAST_REPS) return [];
      const estimated = set.fatigue - before.fatigue;
      const lost = before.reps + before.rir - (set.reps + set.rir);
      return estimated > 0 ? [{ estimated, lost }] : [];
    }),
  );
  if (pairs.length < LEAST_PAIRS) return undefined;
  const sum = (of: (pair: (typeof pairs)[number]) => number) =>
    pairs.reduce((total, pair) => total + of(pair), 0);
  const estimated = sum((pair) => pair.estimated);
  const factor = sum(({ lost }) => lost) / estimated;
  const spread = sum((pair) => (pair.lost - factor * pair.estimated) ** 2) / (pairs.length - 1);
  return { factor, error: Math.sqrt(spread * pairs.length) / estimated, pairs: pairs.length };
}

/** Whether the athlete's drop-off differs reliably from the assumed one. */
export function differsFromAssumed({ factor, error }: OwnDrift): boolean {
  const off = Math.abs(factor - 1);
  return factor >= LEAST && factor <= MOST && off > SURE * error && isAtLeast(off, LEAST_OFF);
}

type DriftFigures = Pick<Conventions, 'driftSeconds' | 'driftSlope' | 'driftLeast'>;

/**
 * Rules under which a set costs a factor of the assumed loss at any rest: f (1 + (S - s) / k) equals 1 + (S' - s) /
 * k' with k' = k / f and S' = S + k - k / f.
 */
export function scaledDrift(
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

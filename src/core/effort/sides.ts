import type { Conventions } from '../conventions/conventions';
import { isAtLeast } from '../rounding';
import type { Exposure } from './exposure';

/** A comparison of the two sides of a one-sided exercise. */
export interface SidesApart {
  /** Number of sessions compared, the latest ones. */
  readonly sessions: number;
  /** Reps by which the left side exceeds the right, on average; negative: fewer. */
  readonly mean: number;
  /** The side that consistently does fewer reps; null: neither. */
  readonly weaker: 'left' | 'right' | null;
  /** The latest session in which they differed. */
  readonly last: { readonly left: number; readonly right: number };
}

/** Most sessions compared. */
const SESSIONS = 6;
/** Fewer may be chance. */
const LEAST_SESSIONS = 2;

/**
 * Left against right over the latest sessions of a one-sided exercise. Sides are noted only if they differ; sessions
 * without them count as even. A side is weaker if it is a rep behind on average and behind in most sessions, by the
 * same thresholds as an RIR bias.
 * @param exposures of one exercise, oldest first
 * @returns undefined if the sides never differed
 */
export function compareSides(
  exposures: readonly Exposure[],
  { biasLeast, biasSteady }: Pick<Conventions, 'biasLeast' | 'biasSteady'>,
): SidesApart | undefined {
  const latest = exposures.slice(-SESSIONS);
  const apart = latest.map(({ sets }) => {
    const by = sets.map(({ sides }) => (sides === undefined ? 0 : sides.left - sides.right));
    return by.reduce((sum, one) => sum + one, 0) / Math.max(1, by.length);
  });
  const last = latest.flatMap(({ sets }) => sets.flatMap(({ sides }) => sides ?? [])).at(-1);
  if (last === undefined) return undefined;
  const mean = apart.reduce((sum, one) => sum + one, 0) / apart.length;
  const same = apart.filter((one) => Math.sign(one) === Math.sign(mean)).length;
  const steady =
    apart.length >= LEAST_SESSIONS &&
    isAtLeast(Math.abs(mean), biasLeast) &&
    isAtLeast((100 * same) / apart.length, biasSteady);
  return { sessions: apart.length, mean, weaker: !steady ? null : mean > 0 ? 'right' : 'left', last };
}

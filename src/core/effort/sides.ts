import type { Conventions } from '../conventions/conventions';
import { isAtLeast } from '../rounding';
import type { Exposure } from './exposure';

/** How the two sides of a one-sided exercise compare. */
export interface SidesApart {
  /** Sessions looked at, the latest ones. */
  readonly sessions: number;
  /** Reps that the left side did more than the right, on average; negative: fewer. */
  readonly mean: number;
  /** The side that steadily does less; null: none does. */
  readonly weaker: 'left' | 'right' | null;
  /** The latest session in which they differed. */
  readonly last: { readonly left: number; readonly right: number };
}

/** Sessions that a comparison looks back on. */
const SESSIONS = 6;
/** Fewer of them are chance. */
const LEAST_SESSIONS = 2;

/**
 * Left against right over the latest sessions of a one-sided exercise. Sides are noted only where they differ; sessions
 * without them count as even. A side is weaker where it is a rep behind on average and behind in most sessions, by the
 * same figures as an RIR bias.
 * @param exposures of one exercise, oldest first
 * @returns undefined where the sides never differed
 */
export function sidesApart(
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

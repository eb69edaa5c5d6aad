import type { Conventions } from '../conventions/conventions';
import { asHundredths, type Hundredths, hundredths } from '../units';
import { type LoadGrid, nearestLoad, neighbours } from './grid';

export interface WarmUpSet {
  /** General sets warm the body up; ramp sets lead up to the work load. */
  readonly kind: 'general' | 'ramp';
  readonly load: Hundredths;
  readonly reps: number;
}

export interface WarmUpNeed {
  /** Load of the first work set. */
  readonly load: Hundredths;
  readonly reps: number;
  /** First exercise of the session: includes general sets. */
  readonly general: boolean;
  /** Bodyweight moved along, in hundredths; 0 for other loadings. */
  readonly carried?: number;
}

/** Fractions of the work load, ascending. */
const PLAN = [
  { kind: 'general', share: 0.4, reps: 12 },
  { kind: 'general', share: 0.55, reps: 10 },
  { kind: 'ramp', share: 0.7, reps: 6 },
  { kind: 'ramp', share: 0.85, reps: 4 },
  { kind: 'heavy', share: 0.92, reps: 3 },
] as const;
const TOO_NEAR = 0.95;

/**
 * Warm-up sets for a work load: strictly ascending and makeable; repeats and anything from 95 % of the work load are
 * dropped. Fractions are of the load moved. Bodyweight without added load, bands and holds need no ramp.
 */
export function warmUpRamp(need: WarmUpNeed, grid: LoadGrid, conventions: Conventions): readonly WarmUpSet[] {
  if (grid.loading === 'band' || grid.loading === 'none') return [];
  if (grid.loading === 'bodyweight' && need.load <= 0) return [];
  const carried = need.carried ?? 0;
  const moved = need.load + carried;
  const heavy = need.reps <= conventions.heavyReps;
  const sets: WarmUpSet[] = [];
  let previous = Number.NEGATIVE_INFINITY;
  for (const { kind, share, reps } of PLAN) {
    if ((kind === 'general' && !need.general) || (kind === 'heavy' && !heavy)) continue;
    const wished = asHundredths(moved * share - carried);
    // Nobody warms up for added weight on an assistance machine: plain bodyweight is the easiest set.
    const near = nearestLoad(grid, wished);
    const load = grid.loading === 'bodyweight' && near < 0 ? hundredths(0) : near;
    if (load <= previous || load + carried >= moved * TOO_NEAR) continue;
    sets.push({ kind: kind === 'general' ? 'general' : 'ramp', load, reps });
    previous = load;
  }
  return sets;
}

/** How the last ramp set moved. */
export const RAMP_VERDICTS = ['much lighter', 'light', 'as expected', 'heavy', 'much heavier'] as const;
export type RampVerdict = (typeof RAMP_VERDICTS)[number];

/** Share by which a load moves if the last ramp set was far from what was expected: the most of one step. */
const FAR = 0.1;

/**
 * The work load suggested by the last ramp set, for the same reps: one step up if it was light, one down if it was
 * heavy; a tenth if it was much lighter or heavier, at least one step; unchanged at an end of the grid.
 * @param carried bodyweight moved along, a decimal
 */
export function loadAfterRamp(
  load: Hundredths,
  verdict: RampVerdict,
  grid: LoadGrid,
  carried = 0,
): Hundredths {
  if (verdict === 'as expected') return load;
  const isUp = verdict === 'light' || verdict === 'much lighter';
  const { below, above } = neighbours(grid, isUp ? asHundredths(load + 1) : load);
  const step = (isUp ? above : below) ?? load;
  if (verdict === 'light' || verdict === 'heavy') return step;
  const far = Math.floor((carried * 100 + load) * FAR);
  const reached = asHundredths(load + (isUp ? far : -far));
  const ends = neighbours(grid, isUp ? asHundredths(reached + 1) : asHundredths(reached));
  // Never beyond a tenth, except by the smallest step.
  const makeable = isUp ? ends.below : ends.above;
  if (makeable === undefined) return step;
  return isUp ? asHundredths(Math.max(step, makeable)) : asHundredths(Math.min(step, makeable));
}

import type { Conventions } from '../conventions/conventions';
import { asHundredths, type Hundredths, heavier, hundredths, lighter } from '../units';
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
export const RAMP_VERDICTS = ['very light', 'light', 'as expected', 'heavy', 'very heavy'] as const;
export type RampVerdict = (typeof RAMP_VERDICTS)[number];

/** Most by which a very light or very heavy ramp set moves the work load, as a share of it. */
const FAR = 0.1;

/**
 * The work load suggested by the last ramp set, for the same reps: one step up if it was light, one down if it was
 * heavy; up to a tenth, and at least one step, if it was very light or very heavy; unchanged at an end of the grid.
 * @param carried what is moved besides the load, a decimal
 */
export function loadAfterRamp(
  load: Hundredths,
  verdict: RampVerdict,
  grid: LoadGrid,
  carried = 0,
): Hundredths {
  const far = Math.floor((carried * 100 + load) * FAR);
  const above = (from: number) => neighbours(grid, asHundredths(from + 1)).above ?? load;
  const below = (from: number) => neighbours(grid, asHundredths(from)).below ?? load;
  switch (verdict) {
    case 'as expected':
      return load;
    case 'light':
      return above(load);
    case 'heavy':
      return below(load);
    case 'very light':
      return heavier(above(load), below(load + far + 1));
    case 'very heavy':
      return lighter(below(load), above(load - far - 1));
  }
}

import type { Conventions } from '../conventions/conventions';
import { type LoadGrid, nearestLoad } from './grid';

export interface WarmUpSet {
  /** General sets raise the temperature; ramp sets lead up to the work load. */
  readonly kind: 'general' | 'ramp';
  /** Hundredths of the grid's unit. */
  readonly load: number;
  readonly reps: number;
}

export interface WarmUpNeed {
  /** Work load of set 1, in hundredths. */
  readonly load: number;
  readonly reps: number;
  /** First exercise of the session: general sets too. */
  readonly general: boolean;
}

/** Shares of the work load, rising. */
const PLAN = [
  { kind: 'general', share: 0.4, reps: 12 },
  { kind: 'general', share: 0.55, reps: 10 },
  { kind: 'ramp', share: 0.7, reps: 6 },
  { kind: 'ramp', share: 0.85, reps: 4 },
  { kind: 'heavy', share: 0.92, reps: 3 },
] as const;
const TOO_NEAR = 0.95;

/**
 * Easy sets up to a working load: strictly rising, makeable; repeats and anything from 95 % of the work load up are
 * dropped. Bodyweight work without added load has nothing to ramp.
 */
export function warmUpRamp(need: WarmUpNeed, grid: LoadGrid, conventions: Conventions): readonly WarmUpSet[] {
  if (grid.loading === 'bodyweight') return [];
  const heavy = need.reps <= conventions.heavyReps;
  const sets: WarmUpSet[] = [];
  let previous = Number.NEGATIVE_INFINITY;
  for (const { kind, share, reps } of PLAN) {
    if ((kind === 'general' && !need.general) || (kind === 'heavy' && !heavy)) continue;
    const load = nearestLoad(grid, need.load * share);
    if (load <= previous || load >= need.load * TOO_NEAR) continue;
    sets.push({ kind: kind === 'general' ? 'general' : 'ramp', load, reps });
    previous = load;
  }
  return sets;
}

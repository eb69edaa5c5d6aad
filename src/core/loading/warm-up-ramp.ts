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

const GENERAL = [
  { share: 0.4, reps: 12 },
  { share: 0.55, reps: 10 },
];
const RAMP = [
  { share: 0.7, reps: 6 },
  { share: 0.85, reps: 4 },
];
const HEAVY = { share: 0.92, reps: 3 };
const TOO_NEAR = 0.95;

/**
 * Easy sets up to a working load: strictly rising, makeable; repeats and anything from 95 % of the work load up are
 * dropped. Bodyweight work without added load has nothing to ramp.
 */
export function warmUpRamp(need: WarmUpNeed, grid: LoadGrid, conventions: Conventions): readonly WarmUpSet[] {
  if (grid.loading === 'bodyweight') return [];
  const heavy = need.reps <= conventions.heavyReps;
  const plan = [
    ...(need.general ? GENERAL.map((set) => ({ ...set, kind: 'general' as const })) : []),
    ...[...RAMP, ...(heavy ? [HEAVY] : [])].map((set) => ({ ...set, kind: 'ramp' as const })),
  ];
  const sets: WarmUpSet[] = [];
  for (const { kind, share, reps } of plan) {
    const load = nearestLoad(grid, need.load * share);
    const previous = sets.at(-1)?.load ?? Number.NEGATIVE_INFINITY;
    if (load > previous && load < need.load * TOO_NEAR) sets.push({ kind, load, reps });
  }
  return sets;
}

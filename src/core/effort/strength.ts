import type { Conventions } from '../conventions/conventions';
import type { Exposure, MovedSet } from './exposure';
import { longestHold } from './hold';
import { e1rm, type RepMaxCurve } from './rep-max';

/** A set's strength for display: a one-rep max, a longest hold, or too many reps to tell. */
export type ShownStrength =
  | { readonly kind: 'one-rep max'; readonly value: number }
  | { readonly kind: 'longest hold'; readonly seconds: number }
  | { readonly kind: 'too many reps'; readonly reps: number };

/**
 * Strength of a set for display. Above the rules' limit of reps to failure (15) an estimate is only used for the
 * slot's own next load.
 * @param set load as moved, above 0 unless it is a hold
 */
export function displayedStrength(
  set: { readonly load: number; readonly reps: number; readonly rir: number },
  held: boolean,
  curve: RepMaxCurve,
  conventions: Conventions,
): ShownStrength {
  if (held) return { kind: 'longest hold', seconds: longestHold(set.reps, set.rir, conventions) };
  const reps = set.reps + set.rir;
  if (reps > conventions.strengthReps) return { kind: 'too many reps', reps };
  return { kind: 'one-rep max', value: e1rm(set.load, reps, curve) };
}

/** Exposures considered for a current estimate. */
const EXPOSURES = 2;

/** The set behind an exercise's current strength. */
export interface StrengthNow {
  readonly set: MovedSet;
  readonly date: string;
  readonly oneRepMax: number;
}

/**
 * Current strength of an exercise, for display: the best first set of its last two exposures, in any slots.
 * @param exposures of one exercise, in any order
 * @returns undefined if nothing was logged
 */
export function currentStrength(exposures: readonly Exposure[], curve: RepMaxCurve): StrengthNow | undefined {
  const recent = [...exposures].sort((a, b) => b.date.localeCompare(a.date)).slice(0, EXPOSURES);
  let best: StrengthNow | undefined;
  for (const { date, sets } of recent) {
    const [set] = sets;
    if (set === undefined || set.load <= 0) continue;
    const oneRepMax = e1rm(set.load, set.reps + set.rir, curve);
    if (best === undefined || oneRepMax > best.oneRepMax) best = { set, date, oneRepMax };
  }
  return best;
}

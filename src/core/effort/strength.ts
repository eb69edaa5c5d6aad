import type { Conventions } from '../conventions/conventions';
import { longestHold } from './hold';
import { e1rm, type RepMaxCurve } from './rep-max';

/** What a set says of strength, for showing: a one-rep max, a longest hold, or that its reps are too many to tell. */
export type ShownStrength =
  | { readonly kind: 'one-rep max'; readonly value: number }
  | { readonly kind: 'longest hold'; readonly seconds: number }
  | { readonly kind: 'too many reps'; readonly reps: number };

/**
 * Strength of a set as it may be shown. From more than the convention's reps to failure (15) an estimate serves only
 * the slot's own next load.
 * @param set load as moved, above 0 unless it is held
 */
export function shownStrength(
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

import type { Conventions } from '../conventions/conventions';
import { type Exposure, freshReps } from './exposure';
import { e1rm, type RepMaxCurve, repsToFailure } from './rep-max';

/** What the athlete's reports of reps in reserve come to. */
export interface RirBias {
  /** Reps by which more were left than reported; negative: fewer. */
  readonly mean: number;
  readonly pairs: number;
  /** Whether the pairs point one way often enough to be told to the coach. */
  readonly steady: boolean;
}

/**
 * Checks reported RIR against the next exposure of the same slot, where that one went at least one rep nearer to
 * failure: near failure a report can be trusted, so what it shows beyond the earlier report's promise was left in it.
 * @param exposures of one athlete, in any order
 */
export function rirBias(
  exposures: readonly Exposure[],
  curve: RepMaxCurve,
  conventions: Conventions,
): RirBias | undefined {
  const surpluses: number[] = [];
  const bySlot = new Map<string, Exposure[]>();
  for (const exposure of exposures)
    bySlot.set(exposure.slotId, [...(bySlot.get(exposure.slotId) ?? []), exposure]);
  for (const list of bySlot.values()) {
    const sorted = [...list].sort((a, b) => a.date.localeCompare(b.date));
    for (const [at, later] of sorted.entries()) {
      const earlier = sorted[at - 1];
      const [first] = earlier?.sets ?? [];
      const [next] = later.sets;
      if (first === undefined || next === undefined || earlier?.exerciseId !== later.exerciseId) continue;
      if (first.load <= 0 || next.load <= 0 || first.rir - next.rir < 1) continue;
      const promised = repsToFailure(e1rm(first.load, freshReps(first), curve), next.load, curve);
      surpluses.push(freshReps(next) - promised);
    }
  }
  if (surpluses.length < conventions.biasPairs) return undefined;
  const mean = surpluses.reduce((sum, one) => sum + one, 0) / surpluses.length;
  const along = surpluses.filter((one) => Math.sign(one) === Math.sign(mean) && one !== 0).length;
  const steady =
    Math.abs(mean) >= conventions.biasLeast && (100 * along) / surpluses.length >= conventions.biasSteady;
  return { mean, pairs: surpluses.length, steady };
}

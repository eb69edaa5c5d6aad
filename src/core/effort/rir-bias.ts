import type { Conventions } from '../conventions/conventions';
import { type Exposure, freshReps } from './exposure';
import { e1rm, type RepMaxCurve, repsToFailure } from './rep-max';

/** The error in the athlete's reported RIR. */
export interface RirBias {
  /** Reps left beyond the reported ones; negative: fewer. */
  readonly mean: number;
  readonly pairs: number;
  /** Whether the pairs agree often enough to tell the coach. */
  readonly steady: boolean;
}

/**
 * Compares reported RIR with the next exposure of the same slot, if that was at least one rep closer to failure:
 * reports near failure are reliable, so any reps beyond the earlier report's promise had been left.
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

import type { Conventions } from '../conventions/conventions';
import { e1rm, type RepMaxCurve, repsToFailure } from '../effort/rep-max';
import { isAtLeast, isAtMost } from '../rounding';

export const VERDICTS = ['ahead', 'on target', 'strained', 'behind'] as const;
export type Verdict = (typeof VERDICTS)[number];

/** A performed set with its target. Loads as moved (including bodyweight), in one unit. */
export interface JudgedSet {
  /** Whether reps are seconds of a hold. */
  readonly held: boolean;
  readonly target: { readonly load: number; readonly reps: number; readonly rir: number };
  readonly done: { readonly load: number; readonly reps: number; readonly rir: number };
  /** Whether form was not clean: then it does not count as above target. */
  readonly unclean?: boolean;
  /** The same set last time, if there was one. */
  readonly before: { readonly load: number; readonly reps: number } | null;
}

export interface Performance {
  readonly verdict: Verdict;
  /** Mean over sets of (reps - target reps) + (RIR - target RIR), corrected for a different load. */
  readonly score: number;
}

/**
 * Reps to failure of the performed set converted to the target's load, minus the target's; a tenth of a hold is one
 * rep.
 */
function setScore({ held, target, done }: JudgedSet, curve: RepMaxCurve, { holdShare }: Conventions): number {
  if (held) return (100 * (done.reps / target.reps - 1)) / holdShare + done.rir - target.rir;
  const asked = target.reps + target.rir;
  const did = done.reps + done.rir;
  if (done.load === target.load || done.load <= 0 || target.load <= 0) return did - asked;
  return repsToFailure(e1rm(done.load, did, curve), target.load, curve) - asked;
}

/**
 * How a muscle performed over its sets, tested in this order: behind (below the behind score, or fewer reps than last
 * time at equal load despite going to failure), strained (reps alone below the strained score, or target reps met only
 * by going on average one RIR harder than planned), ahead, otherwise on target.
 * @returns undefined if there is nothing to score
 */
export function performance(
  sets: readonly JudgedSet[],
  curve: RepMaxCurve,
  conventions: Conventions,
): Performance | undefined {
  if (sets.length === 0) return undefined;
  let total = 0;
  let inReps = 0;
  let harder = 0;
  let fell = false;
  for (const set of sets) {
    const { done, target, before } = set;
    const scored = setScore(set, curve, conventions);
    total += set.unclean === true ? Math.min(0, scored) : scored;
    inReps += scored - (done.rir - target.rir);
    harder += target.rir - done.rir;
    if (before !== null && done.rir <= 0 && done.load === before.load && done.reps < before.reps) fell = true;
  }
  const score = total / sets.length;
  if (!isAtLeast(score, conventions.behindScore) || fell) return { verdict: 'behind', score };
  const isShort = !isAtLeast(inReps / sets.length, conventions.strainedScore);
  const onlyHarder = isAtLeast(harder / sets.length, 1) && !isAtLeast(score, 0);
  if (isShort || onlyHarder) return { verdict: 'strained', score };
  return { verdict: isAtMost(score, conventions.aheadScore) ? 'on target' : 'ahead', score };
}

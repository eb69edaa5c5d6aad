import { clamp, isAtLeast, roundHalfDown } from '../../rounding';
import { bestFit } from './best-fit';
import { candidate, capacity, type LoadChoice } from './load-choice';
import { isNextLoadCloser } from './past-the-top';
import type { LastTime, LoadRuleKind, RuleInput } from './rule';
import { nextLoad } from './step-up';

/** When the load rises: all sets at the top of the range, the first set at it, or the first set beyond it. */
export type Top = 'all sets' | 'first set' | 'beyond the top';

/** Reps written as one number have no room to rise: they are at the top once done. */
function isAtTop(top: Top, last: LastTime, { range, fixed }: RuleInput): boolean {
  switch (top) {
    case 'all sets':
      return fixed === true ? last.met : last.least >= range.high;
    case 'first set':
      return last.reps >= range.high;
    case 'beyond the top':
      return fixed === true ? last.reps >= range.high : last.reps > range.high;
  }
}

/**
 * Double progression: reps rise within the range, one per session in which all were done; at the top, whatever is
 * left in reserve, the smallest load step, back to the bottom. Reps exceed the top while the next load is not
 * predicted to reach the bottom at all.
 */
export function doubleProgression<N extends string>(name: N, top: Top): LoadRuleKind<N> {
  return { name, takesStep: false, holdsReps: true, choose: (input) => choose(input, top) };
}

/** Whether last time's reps fell below the range, or its bottom can no longer be done at that load. */
function isBelow(input: RuleInput, { load, reps }: LastTime): boolean {
  const { range, targetRir, conventions } = input;
  const reach = capacity(input, load);
  if (!isAtLeast(reach, range.low)) return true;
  return reps < range.low && reach - targetRir < range.low - conventions.fitTolerance;
}

function choose(input: RuleInput, top: Top): LoadChoice | undefined {
  const { last, targetRir, range } = input;
  if (last === null || isBelow(input, last)) return bestFit(input);
  const next = nextLoad(input.grid, last.load);
  const nextReaches = next !== undefined && isAtLeast(capacity(input, next), range.low);
  if (next !== undefined && nextReaches && isAtTop(top, last, input)) {
    // A set to failure has no target reps; every other set returns to the bottom.
    const bottom = targetRir > 0 ? range.low : Math.max(range.low, roundHalfDown(capacity(input, next)));
    const chosen = candidate(input, next, bottom);
    return { chosen, others: [candidate(input, last.load, last.reps)], decider: 'top of the range' };
  }
  const most =
    targetRir <= 0
      ? Number.POSITIVE_INFINITY
      : nextReaches && top !== 'beyond the top'
        ? range.high
        : Math.max(range.high + PAST_TOP, last.reps);
  // One more rep after a session that met its target; a set to failure has no target reps.
  const wished = targetRir <= 0 ? roundHalfDown(capacity(input, last.load)) : last.reps + (last.met ? 1 : 0);
  const chosen = candidate(input, last.load, clamp(wished, Math.min(last.reps, most), most));
  const others = next === undefined ? [] : [candidate(input, next, range.low)];
  if (chosen.reps <= range.high) return { chosen, others, decider: 'reps first' };
  return isNextLoadCloser(input, { chosen, others, decider: 'next load out of reach' });
}

/** Reps above the range while the next step is too coarse. */
const PAST_TOP = 8;

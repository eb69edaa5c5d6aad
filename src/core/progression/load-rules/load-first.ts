import { clamp, roundHalfDown } from '../../rounding';
import { bestFit, isAboveMissed } from './best-fit';
import { candidate, capacity, type LoadChoice } from './load-choice';
import { loadsFrom } from './loads-from';
import type { LoadRuleKind, RuleInput } from './rule';

/** An overshoot beyond this RIR adds reps instead of load. */
const OVERSHOOT = 1;

/**
 * Load first: reps stay, and the fewest steps are added that bring the prediction down to the target RIR. If that
 * step overshoots by more than 1 RIR, reps are added at the old load instead. The first week, and a load that no
 * longer reaches the range, use best fit.
 */
function choose(input: RuleInput): LoadChoice | undefined {
  const { last, targetRir, range, conventions } = input;
  if (last === null || capacity(input, last.load) - targetRir < range.low - conventions.fitTolerance)
    return bestFit(input);
  const reps = clamp(last.reps, range.low, range.high);
  // At last time's load, reps above the range stay; a heavier load returns to the range.
  const tries = loadsFrom(input, last.load)
    .filter((load) => load === last.load || !isAboveMissed(load, last))
    .map((load) => candidate(input, load, load === last.load ? Math.max(reps, last.reps) : reps));
  const reached = tries.find(({ predictedRir }) => predictedRir <= targetRir + conventions.fitTolerance);
  const chosen = reached ?? tries.at(-1);
  if (chosen === undefined) return undefined;
  if (chosen.predictedRir < targetRir - OVERSHOOT) {
    const more = candidate(
      input,
      last.load,
      Math.max(reps, roundHalfDown(capacity(input, last.load) - targetRir)),
    );
    return { chosen: more, others: [chosen], decider: 'step overshoots' } satisfies LoadChoice;
  }
  return { chosen, others: tries.filter((one) => one !== chosen).slice(0, 3), decider: 'fewest steps' };
}

export const loadFirst = { name: 'load first', takesStep: false, choose } as const satisfies LoadRuleKind;

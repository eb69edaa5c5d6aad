import { clamp, roundHalfDown } from '../../rounding';
import { bestFit } from './best-fit';
import { candidate, capacity, type LoadChoice } from './load-choice';
import type { RuleInput } from './rule';
import { earnedStep, stepUp } from './step-up';

/**
 * A load that stays until the technique earns an increase of 2.5-5 %; reps follow from the load at the target RIR, or
 * stay if the technique fixes them.
 */
export function earnedLoad(input: RuleInput, earned: boolean, keepsReps: boolean): LoadChoice | undefined {
  const { last, targetRir, range, conventions } = input;
  if (last === null) return bestFit(input);
  const { earnedStepLeast: least, earnedStepMost: most } = conventions;
  const step = earned ? earnedStep(input, last.load, { least, most }) : undefined;
  const isOut = step !== undefined && stepUp(input, last.load, step, last.reps) === null;
  const up = isOut ? undefined : step;
  const load = up ?? last.load;
  const fixed = input.fixed === true;
  const reach = roundHalfDown(capacity(input, load) - targetRir);
  const reps = fixed
    ? range.low
    : keepsReps
      ? last.reps
      : clamp(
          reach,
          Math.min(range.low, last.reps),
          // A set to failure has no target reps.
          targetRir > 0 ? Math.max(range.high, last.reps) : Number.POSITIVE_INFINITY,
        );
  return {
    chosen: candidate(input, load, Math.max(1, reps)),
    others: load === last.load ? [] : [candidate(input, last.load, last.reps)],
    decider: isOut ? 'next load out of reach' : up === undefined ? 'not earned yet' : 'earned',
  };
}

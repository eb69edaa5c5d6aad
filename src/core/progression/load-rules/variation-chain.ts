import { clamp, roundHalfDown } from '../../rounding';
import { bestFit } from './best-fit';
import { candidate, capacity, type LoadChoice } from './load-choice';
import type { LoadRuleKind, RuleInput } from './rule';

/**
 * Variation chain: the load stays and reps rise to the top of the range; with all sets there the next harder
 * variation is due (a finding offers it), at the bottom of the range.
 */
function choose(input: RuleInput): LoadChoice | undefined {
  const { last, targetRir, range } = input;
  if (last === null) return bestFit(input);
  const reach = roundHalfDown(capacity(input, last.load) - targetRir);
  // Reps above the top, where no load was makeable for fewer, do not fall back to it.
  const reps = clamp(reach, Math.min(range.low, Math.max(1, last.reps)), Math.max(range.high, last.reps));
  return {
    chosen: candidate(input, last.load, reps),
    others: [],
    decider: last.least >= range.high ? 'next variation due' : 'reps first',
  };
}

export const variationChain = {
  name: 'variation chain',
  takesStep: false,
  choose,
} as const satisfies LoadRuleKind;

import { nearestLoad } from '../../loading/grid';
import { type Hundredths, heavier } from '../../units';
import { bestFit } from './best-fit';
import { candidate, type LoadChoice } from './load-choice';
import type { CarryInput, LoadRuleKind, RuleInput } from './rule';
import { loadPlusPercent, nextLoad, stepUp } from './step-up';

/**
 * Percent: a fixed percentage of load per calendar week at constant reps. The unrounded sum is kept, so that small
 * steps add up on a coarse grid; no step above the largest one, except the smallest makeable step.
 */
function choose(input: RuleInput): LoadChoice | undefined {
  const { last, conventions, grid } = input;
  if (last === null) return bestFit(input);
  const wished = nearestLoad(grid, carriedLoad(input, last.ideal));
  const limit = loadPlusPercent(input, last.load, conventions.largestStep) + 1e-6;
  const load = wished > limit ? (nextLoad(grid, last.load) ?? last.load) : heavier(wished, last.load);
  const kept = candidate(input, last.load, last.reps);
  if (load === last.load) return { chosen: kept, others: [], decider: 'per cent below a step' };
  const chosen = stepUp(input, last.load, load, last.reps);
  return chosen === null
    ? { chosen: kept, others: [], decider: 'next load out of reach' }
    : { chosen, others: [kept], decider: 'per cent' };
}

/** The unrounded load a percentage above last time's unrounded one. */
function carriedLoad({ carried, step, pass, conventions }: CarryInput, ideal: Hundredths): Hundredths {
  return loadPlusPercent({ carried }, ideal, (step ?? conventions.percentStep) * pass);
}

export const percent = {
  name: 'percent',
  takesStep: true,
  choose,
  carries: carriedLoad,
} as const satisfies LoadRuleKind;

import { nearestLoad } from '../../loading/grid';
import { bestFit } from './best-fit';
import { candidate } from './fit';
import type { Rule } from './rule';
import { nextLoad, percentMore } from './step-up';

/**
 * Percent: so much more load each week at fixed reps. The sum is kept before rounding, so that small steps add up on a
 * coarse grid; no step above the largest one, the smallest makeable step excepted.
 */
export const percent: Rule = (input) => {
  const { last, conventions, grid } = input;
  if (last === null) return bestFit(input);
  const wished = nearestLoad(grid, idealLoad(input.step ?? conventions.percentStep, input, last.ideal));
  const limit = percentMore(input, last.load, conventions.largestStep) + 1e-6;
  const load = wished > limit ? (nextLoad(grid, last.load) ?? last.load) : Math.max(wished, last.load);
  return {
    chosen: candidate(input, load, last.reps),
    others: load === last.load ? [] : [candidate(input, last.load, last.reps)],
    decider: load === last.load ? 'per cent below a step' : 'per cent',
  };
};

/** The load a percentage above the one wished for last time, before it is made of what there is. */
export function idealLoad(step: number, input: Parameters<typeof percentMore>[0], ideal: number): number {
  return percentMore(input, ideal, step);
}

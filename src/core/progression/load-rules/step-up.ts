import { indexAtOrAbove, type LoadGrid, nearestLoad } from '../../loading/grid';
import { isAtLeast, isAtMost, roundHalfDown } from '../../rounding';
import { asHundredths, type Hundredths } from '../../units';
import { type Candidate, type ChoiceInput, candidate, capacity } from './load-choice';

type Moved = Pick<ChoiceInput, 'grid' | 'carried'>;

/** The smallest makeable load above another; undefined at the end of the grid. */
export function nextLoad(grid: LoadGrid, load: Hundredths): Hundredths | undefined {
  return grid.steps[indexAtOrAbove(grid, asHundredths(load + 1))];
}

/** The load that moves this percentage more, including bodyweight, before rounding to the grid. */
export function loadPlusPercent(
  { carried }: Pick<Moved, 'carried'>,
  load: Hundredths,
  percent: number,
): Hundredths {
  const moved = carried * 100 + load;
  return asHundredths(load + (Math.abs(moved) * percent) / 100);
}

/**
 * One step up between two percentages: the makeable load nearest their middle if one is between, otherwise the
 * smallest step. Undefined at the end of the grid.
 */
export function earnedStep(
  input: Moved,
  load: Hundredths,
  { least, most }: { readonly least: number; readonly most: number },
): Hundredths | undefined {
  const [from, to] = [loadPlusPercent(input, load, least), loadPlusPercent(input, load, most)];
  const near = nearestLoad(input.grid, asHundredths((from + to) / 2));
  if (near > load && near >= from - 1e-6 && near <= to + 1e-6) return near;
  const next = nextLoad(input.grid, load);
  if (next !== undefined && next < from) {
    const at = input.grid.steps[indexAtOrAbove(input.grid, from)];
    if (at !== undefined && at <= to + 1e-6) return at;
  }
  return next;
}

/**
 * A step up chosen by a rule: the reps stay if it is within the largest step; if only a larger step exists, the reps
 * predicted there at the target RIR.
 * @returns null if these would be below the range: the step waits
 */
export function stepUp(input: ChoiceInput, from: Hundredths, to: Hundredths, reps: number): Candidate | null {
  if (isAtMost(to, loadPlusPercent(input, from, input.conventions.largestStep)))
    return candidate(input, to, reps);
  const reach = roundHalfDown(capacity(input, to) - input.targetRir);
  return isAtLeast(reach, input.range.low) ? candidate(input, to, Math.min(reps, reach)) : null;
}

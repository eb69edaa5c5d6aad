import { indexAtOrAbove } from '../../loading/grid';
import { asHundredths, type Hundredths } from '../../units';
import type { ChoiceInput } from './load-choice';

/** Makeable loads from last time's up to the largest step; the next one is always included. */
export function loadsFrom(
  input: Pick<ChoiceInput, 'grid' | 'carried' | 'conventions'>,
  load: Hundredths,
): readonly Hundredths[] {
  const { steps } = input.grid;
  const moved = input.carried * 100 + load;
  const limit = load + Math.abs(moved) * (input.conventions.largestStep / 100) + 1e-6;
  const loads = [load];
  for (let at = indexAtOrAbove(input.grid, asHundredths(load + 1)); at < steps.length; at++) {
    const step = steps[at] as Hundredths;
    if (step > limit && loads.length > 1) break;
    loads.push(step);
    if (step > limit) break;
  }
  return loads;
}

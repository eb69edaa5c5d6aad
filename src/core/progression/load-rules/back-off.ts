import { indexAtOrAbove, nearestLoad } from '../../loading/grid';
import type { Part } from '../../techniques/technique';
import { asHundredths, type Hundredths } from '../../units';
import { type Candidate, type ChoiceInput, candidatesAt, type LoadChoice, pickBest } from './load-choice';

/**
 * The load of a slot's lighter part: makeable, between the least and the largest drop, with reps in the range
 * predicted within half a rep of the target; among those the reps nearest last time's, or in the first week the load
 * nearest the preferred drop. Never outside the range. If nothing can be made between the two drops, the load nearest
 * the preferred one.
 * @param topLoad load of the first part
 */
export function backOffFit(
  input: ChoiceInput,
  topLoad: Hundredths,
  drop: NonNullable<Part['drop']>,
): LoadChoice | undefined {
  const moved = input.carried * 100 + topLoad;
  const below = (share: number) => asHundredths(moved * (1 - share) - input.carried * 100);
  const { steps } = input.grid;
  const loads: Hundredths[] = [];
  for (let at = indexAtOrAbove(input.grid, asHundredths(below(drop.most) - 1e-6)); at < steps.length; at++) {
    const step = steps[at] as Hundredths;
    if (step > below(drop.least) + 1e-6) break;
    if (input.carried * 100 + step > 0) loads.push(step);
  }
  const wished = below(drop.wished);
  if (loads.length === 0) loads.push(nearestLoad(input.grid, wished));
  const candidates = loads.flatMap((load) => candidatesAt(input, load));
  const { last } = input;
  const stays = last !== null && loads.includes(last.load);
  const nearest = stays
    ? { of: (c: Candidate) => Math.abs(c.reps - last.reps), decider: 'reps nearest last time' as const }
    : { of: (c: Candidate) => Math.abs(c.load * 100 - wished), decider: 'nearest the wished drop' as const };
  return pickBest(candidates, input.targetRir, input.conventions.fitTolerance, nearest);
}

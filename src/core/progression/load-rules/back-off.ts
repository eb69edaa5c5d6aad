import { indexAtOrAbove, nearestLoad } from '../../loading/grid';
import { roundHalfDown } from '../../rounding';
import type { Part } from '../../techniques/technique';
import { asHundredths, type Hundredths } from '../../units';
import { type ChoiceInput, candidatesAt, capacity, type LoadChoice, pickBest } from './load-choice';

/**
 * The load of a lighter part below the slot's first set: makeable, within the least and the most drop, with reps in
 * the range predicted within half a rep of the target; of those the reps nearest last time's, or in the first week
 * the load nearest the wished drop. When nothing can be made between the two drops, the load nearest the wished one.
 *
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
  // Where even the heaviest allowed load is too easy, its reps pass the top of the range.
  const heaviest = loads.at(-1) as Hundredths;
  const top = Math.max(input.range.high, roundHalfDown(capacity(input, heaviest) - input.targetRir));
  const candidates = loads.flatMap((load) =>
    candidatesAt(input, load, load === heaviest ? top : input.range.high),
  );
  const { last } = input;
  const stays = last !== null && loads.includes(last.load);
  return pickBest(candidates, input.targetRir, input.conventions.fitTolerance, {
    of: stays ? (c) => Math.abs(c.reps - last.reps) : (c) => Math.abs(c.load * 100 - wished),
    decider: stays ? 'reps nearest last time' : 'nearest the wished drop',
  });
}

import { isAtMost, roundHalfDown } from '../../rounding';
import { hundredths } from '../../units';
import { type ChoiceInput, candidate, capacity, type LoadChoice } from './load-choice';
import { nextLoad } from './step-up';

/**
 * Reps exceed the top of the range while the next load cannot reach its bottom, but within limits: beyond a share of
 * the top the next load is used after all, with the reps it allows, if these miss the bottom by a smaller ratio than
 * the others exceed the top; above thirty reps also if they reach half of the bottom. (71 reps of a light band in a
 * range of 14-20, or 13 of the next: 71/20 against 14/13.)
 */
export function isNextLoadCloser(input: ChoiceInput, choice: LoadChoice): LoadChoice {
  const { range, targetRir, conventions } = input;
  const { chosen } = choice;
  const isEndless = chosen.reps > Math.max(range.high, conventions.mostReps);
  if (!isEndless && isAtMost(chosen.reps, range.high * (1 + conventions.pastTheTop / 100))) return choice;
  const next = nextLoad(input.grid, hundredths(chosen.load));
  if (next === undefined) return choice;
  const reps = roundHalfDown(capacity(input, next) - Math.max(0, targetRir));
  const isNearer = range.low / reps < chosen.reps / range.high;
  // At rep counts nobody keeps track of, half of the bottom is close enough.
  if (reps < 1 || !(isNearer || (isEndless && reps * 2 >= range.low))) return choice;
  return {
    chosen: candidate(input, next, reps),
    others: [chosen, ...choice.others],
    decider: 'next load nearer the range',
  };
}

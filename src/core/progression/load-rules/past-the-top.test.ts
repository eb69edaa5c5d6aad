import { conventionsWith } from '../../conventions/conventions';
import { EPLEY } from '../../effort/rep-max';
import { loadGrid } from '../../loading/grid';
import { HALL } from '../../testing/fixtures';
import { asHundredths } from '../../units';
import { bestFit } from './best-fit';
import { doubleProgression } from './double-progression';
import type { RuleInput } from './rule';

/** Only two loads, with a target of 1 RIR. */
function input(weights: readonly number[], oneRepMax: number, changes: Partial<RuleInput> = {}): RuleInput {
  return {
    oneRepMax,
    carried: 0,
    grid: loadGrid('dumbbell', { ...HALL, dumbbell: { unit: 'lb', weights } }),
    range: { low: 14, high: 20 },
    targetRir: 1,
    fatigue: 0,
    last: null,
    step: null,
    pass: 1,
    curve: EPLEY,
    conventions: conventionsWith(),
    ...changes,
  };
}

test('71 reps of 15 in a range of 14-20: 13 of the 35 miss the range by less', () => {
  // e1RM 51: 15 can be done 30 (51/15 - 1) = 72 times, 35 can be done 13.7 times.
  expect(bestFit(input([15, 35], 51))).toMatchObject({
    chosen: { load: 35, reps: 13 },
    decider: 'next load nearer the range',
  });
});

test('one and a half times the top is still used, one rep more is not, unless the next load misses the range by more', () => {
  // 10 lb, e1RM 20.33: 31 to failure less 1 is 30, of 20 at the top half as many more; 15 lb: 10.7 less 1.
  const at = (top: number) =>
    bestFit(input([10, 15], 10 * (1 + 31 / 30), { range: { low: 12, high: top } }))?.chosen;
  expect(at(20)).toMatchObject({ load: 10, reps: 30 });
  expect(at(19)).toMatchObject({ load: 15, reps: 10 });
  // 18 in a range of 8-10 is 1.8 times the top; the next pair could be done once, an eighth of the bottom.
  const coarse = input([10, 15], 17, { range: { low: 8, high: 10 }, targetRir: 3 });
  expect(bestFit(coarse)?.chosen).toMatchObject({ load: 10, reps: 18 });
});

test('the next load is kept the week after, and double progression does the same', () => {
  const last = {
    load: asHundredths(3500),
    reps: 13,
    least: 13,
    met: true,
    running: 1,
    ideal: asHundredths(3500),
    missed: null,
  };
  expect(bestFit(input([15, 35], 51, { last }))?.chosen).toMatchObject({ load: 35, reps: 13 });
  const byReps = doubleProgression('by reps', 'first set').choose;
  const light = { ...last, load: asHundredths(1500), reps: 71, least: 71, ideal: asHundredths(1500) };
  expect(byReps(input([15, 35], 51, { last: light, targetRir: 0 }))?.chosen).toMatchObject({
    load: 35,
    reps: 14,
  });
});

test('above thirty reps the next load is used if it reaches half of the bottom: 34 of 17-25 becomes 12', () => {
  // e1RM 22.5: 10 lb 37 times, 15 lb 15 times; with 3 left 34, and 12.
  const of = (oneRepMax: number, weights: readonly number[]) =>
    bestFit(input(weights, oneRepMax, { range: { low: 17, high: 25 }, targetRir: 3 }))?.chosen;
  expect(of(22.5, [10, 15])).toMatchObject({ load: 15, reps: 12 });
  // Thirty of them are still planned.
  expect(of(21, [10, 15])).toMatchObject({ load: 10, reps: 30 });
  // Two of 20 are less than half of the bottom.
  expect(of(22.5, [10, 20])).toMatchObject({ load: 10, reps: 34 });
});

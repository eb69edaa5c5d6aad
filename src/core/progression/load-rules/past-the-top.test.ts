import { conventionsWith } from '../../conventions/conventions';
import { EPLEY } from '../../effort/rep-max';
import { loadGrid } from '../../loading/grid';
import { HALL } from '../../testing/fixtures';
import { asHundredths } from '../../units';
import { bestFit } from './best-fit';
import { doubleProgression } from './double-progression';
import type { RuleInput } from './rule';

/** Two loads alone, a target of 1 in reserve. */
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

test('71 reps of 15 where 14-20 are asked: 13 of the 35 miss the range by less', () => {
  // e1RM 51: 15 can be done 30 (51/15 - 1) = 72 times, 35 can be done 13.7 times.
  expect(bestFit(input([15, 35], 51))).toMatchObject({
    chosen: { load: 35, reps: 13 },
    decider: 'next load nearer the range',
  });
});

test('half again above the top is still asked, one rep beyond gives way, unless the next load is further off', () => {
  // 10 lb, e1RM 20.33: 31 to failure less 1 is 30, of 20 at the top half as many more; 15 lb: 10.7 less 1.
  const at = (top: number) =>
    bestFit(input([10, 15], 10 * (1 + 31 / 30), { range: { low: 12, high: top } }))?.chosen;
  expect(at(20)).toMatchObject({ load: 10, reps: 30 });
  expect(at(19)).toMatchObject({ load: 15, reps: 10 });
  // 18 where 8-10 are asked is 1.8 of the top; the next pair could be done once, an eighth of the bottom.
  const coarse = input([10, 15], 17, { range: { low: 8, high: 10 }, targetRir: 3 });
  expect(bestFit(coarse)?.chosen).toMatchObject({ load: 10, reps: 18 });
});

test('it stays with the next load the week after, and so does double progression', () => {
  const last = {
    load: asHundredths(3500),
    reps: 13,
    least: 13,
    met: true,
    running: 1,
    ideal: asHundredths(3500),
  };
  expect(bestFit(input([15, 35], 51, { last }))?.chosen).toMatchObject({ load: 35, reps: 13 });
  const byReps = doubleProgression('by reps', 'first set').choose;
  const light = { ...last, load: asHundredths(1500), reps: 71, least: 71, ideal: asHundredths(1500) };
  expect(byReps(input([15, 35], 51, { last: light, targetRir: 0 }))?.chosen).toMatchObject({
    load: 35,
    reps: 14,
  });
});

test('beyond thirty the next load is taken where it reaches half of the bottom: 34 of 17-25 give way to 12', () => {
  // e1RM 22.5: 10 lb 37 times, 15 lb 15 times; with 3 left 34, and 12.
  const of = (oneRepMax: number, weights: readonly number[]) =>
    bestFit(input(weights, oneRepMax, { range: { low: 17, high: 25 }, targetRir: 3 }))?.chosen;
  expect(of(22.5, [10, 15])).toMatchObject({ load: 15, reps: 12 });
  // Thirty of them are still asked.
  expect(of(21, [10, 15])).toMatchObject({ load: 10, reps: 30 });
  // Two of 20 are not half of the bottom.
  expect(of(22.5, [10, 20])).toMatchObject({ load: 10, reps: 34 });
});

import fc from 'fast-check';
import { conventionsWith } from '../../conventions/conventions';
import { EPLEY } from '../../effort/rep-max';
import type { LoadGrid } from '../../loading/grid';
import { asHundredths, hundredths } from '../../units';
import type { ChoiceInput } from './load-choice';
import { earnedStep, loadPlusPercent, nextLoad, stepUp } from './step-up';

/** A grid of these loads in kg. */
const gridOf = (...loads: readonly number[]): LoadGrid => ({
  loading: 'barbell',
  unit: 'kg',
  steps: loads.map(hundredths),
});
const earned = (grid: LoadGrid, load: number, carried = 0) => {
  const step = earnedStep({ grid, carried }, asHundredths(load * 100), { least: 2.5, most: 5 });
  return step === undefined ? undefined : step / 100;
};

test('the next load is the smallest above; at the end there is none', () => {
  const grid = gridOf(20, 22.5, 25);
  expect(nextLoad(grid, asHundredths(2000))).toBe(2250);
  expect(nextLoad(grid, asHundredths(2100))).toBe(2250);
  expect(nextLoad(grid, asHundredths(2500))).toBeUndefined();
});

test('a percentage includes bodyweight: 5 % of 80 + 20 kg is 5 kg', () => {
  expect(loadPlusPercent({ carried: 0 }, asHundredths(10_000), 2.5)).toBe(10_250);
  expect(loadPlusPercent({ carried: 80 }, asHundredths(2000), 5)).toBe(2500);
});

test('100 kg earns 2.5 to 5 kg: the load nearest 103.75, the lower on a tie', () => {
  expect(earned(gridOf(100, 101, 102.5, 105), 100)).toBe(102.5);
  expect(earned(gridOf(100, 103, 104, 105), 100)).toBe(104);
});

test('steps below 2.5 % are skipped, coarse steps above 5 % are used all the same', () => {
  expect(earned(gridOf(100, 101, 105), 100)).toBe(105);
  expect(earned(gridOf(10, 12, 14), 10)).toBe(12);
  expect(earned(gridOf(100, 101, 120), 100)).toBe(101);
  expect(earned(gridOf(10), 10)).toBeUndefined();
});

test('from any load a step goes up to an existing load', () => {
  const loads = fc.uniqueArray(fc.integer({ min: 1, max: 400 }), { minLength: 1, maxLength: 30 });
  fc.assert(
    fc.property(loads, fc.nat(), fc.integer({ min: 0, max: 90 }), (some, pick, carried) => {
      const sorted = [...some].sort((a, b) => a - b);
      const from = sorted[pick % sorted.length] as number;
      const step = earned(gridOf(...sorted), from, carried);
      if (step === undefined) expect(from).toBe(sorted.at(-1));
      else {
        expect(step).toBeGreaterThan(from);
        expect(sorted).toContain(step);
      }
    }),
  );
});

test('a coarse step chosen by a rule uses the reps predicted there, or waits', () => {
  const grid = gridOf(10, 11, 15);
  const input = (oneRepMax: number): ChoiceInput => ({
    oneRepMax,
    carried: 0,
    grid,
    range: { low: 8, high: 12 },
    targetRir: 2,
    fatigue: 0,
    last: null,
    curve: EPLEY,
    conventions: conventionsWith(),
  });
  // 10 to 11 is within the largest step of 10 %: the reps stay.
  expect(stepUp(input(15), asHundredths(1000), asHundredths(1100), 12)).toMatchObject({
    load: 11,
    reps: 12,
  });
  // 11 to 15 is not: 20 can be done 10 times with it, so 8 leave the planned 2.
  expect(stepUp(input(20), asHundredths(1100), asHundredths(1500), 12)).toMatchObject({
    load: 15,
    reps: 8,
  });
  // A little weaker it would be 7, so the step waits.
  expect(stepUp(input(19.7), asHundredths(1100), asHundredths(1500), 12)).toBeNull();
});

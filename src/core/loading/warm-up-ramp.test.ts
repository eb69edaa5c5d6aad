import fc from 'fast-check';
import { conventionsWith } from '../conventions/conventions';
import { HALL } from '../testing/fixtures';
import { asHundredths } from '../units';
import { isMakeable, loadGrid } from './grid';
import { loadAfterRamp, warmUpRamp } from './warm-up-ramp';

const conventions = conventionsWith();
const barbell = loadGrid('barbell', HALL);

test('to 100 for eights: 40 x 12, 55 x 10, 70 x 6, 85 x 4; a heavy five adds 92.5 x 3', () => {
  const eights = warmUpRamp({ load: asHundredths(10000), reps: 8, general: true }, barbell, conventions);
  expect(eights.map(({ load, reps }) => `${load / 100}x${reps}`)).toEqual(['40x12', '55x10', '70x6', '85x4']);
  const five = warmUpRamp({ load: asHundredths(10000), reps: 5, general: false }, barbell, conventions);
  expect(five.map(({ load, reps }) => `${load / 100}x${reps}`)).toEqual(['70x6', '85x4', '92.5x3']);
});

test('the empty bar needs no ramp, and neither do bodyweight, bands and holds', () => {
  expect(warmUpRamp({ load: asHundredths(2000), reps: 8, general: true }, barbell, conventions)).toEqual([]);
  for (const [loading, load] of [
    ['bodyweight', 0],
    ['bodyweight', -2000],
    ['band', 1600],
    ['none', 0],
  ] as const) {
    expect(
      warmUpRamp(
        { load: asHundredths(load), reps: 8, general: true, carried: 8000 },
        loadGrid(loading, HALL),
        conventions,
      ),
    ).toEqual([]);
  }
});

test('a dip with 30 added at 80: of 110 moved, 85 % is 93.5, so bodyweight first, then 13.75 added', () => {
  const ramp = warmUpRamp(
    { load: asHundredths(3000), reps: 8, general: true, carried: 8000 },
    loadGrid('bodyweight', HALL),
    conventions,
  );
  expect(ramp.map(({ load, reps }) => [load, reps])).toEqual([
    [0, 12],
    [1375, 4],
  ]);
});

test('the last ramp set changes the work load by one step, or not at all', () => {
  expect(loadAfterRamp(asHundredths(10000), 'light', barbell)).toBe(10250);
  expect(loadAfterRamp(asHundredths(10000), 'as expected', barbell)).toBe(10000);
  expect(loadAfterRamp(asHundredths(10000), 'heavy', barbell)).toBe(9750);
  expect(loadAfterRamp(asHundredths(2000), 'heavy', barbell)).toBe(2000);
});

test('far from what was expected it moves by a tenth of what is moved at most, by one step at least', () => {
  expect(loadAfterRamp(asHundredths(10000), 'very light', barbell)).toBe(11000);
  expect(loadAfterRamp(asHundredths(10000), 'very heavy', barbell)).toBe(9000);
  // A tenth of 97.5 is 9.75: 107.25 is made as 105, 87.75 as 90.
  expect(loadAfterRamp(asHundredths(9750), 'very light', barbell)).toBe(10500);
  expect(loadAfterRamp(asHundredths(9750), 'very heavy', barbell)).toBe(9000);
  // A tenth of 22.5 is less than a step.
  expect(loadAfterRamp(asHundredths(2250), 'very light', barbell)).toBe(2500);
  expect(loadAfterRamp(asHundredths(2000), 'very heavy', barbell)).toBe(2000);
  // 80 kg of body and 20 added: a tenth of 100.
  const belt = loadGrid('bodyweight', HALL);
  expect(loadAfterRamp(asHundredths(2000), 'very light', belt, 80)).toBe(3000);
});

test('warm-up loads are strictly ascending, makeable, and below 95 % of the work load', () => {
  fc.assert(
    fc.property(fc.integer({ min: 500, max: 30000 }), fc.integer({ min: 1, max: 20 }), (load, reps) => {
      const sets = warmUpRamp({ load: asHundredths(load), reps, general: true }, barbell, conventions);
      sets.forEach((set, at) => {
        expect(isMakeable(barbell, set.load)).toBe(true);
        expect(set.load).toBeLessThan(load * 0.95);
        expect(set.load).toBeGreaterThan(sets[at - 1]?.load ?? 0);
      });
    }),
  );
});

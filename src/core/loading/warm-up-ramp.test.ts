import fc from 'fast-check';
import { conventionsWith } from '../conventions/conventions';
import { HALL } from '../testing/fixtures';
import { isMakeable, loadGrid } from './grid';
import { warmUpRamp } from './warm-up-ramp';

const conventions = conventionsWith();
const barbell = loadGrid('barbell', HALL);

test('to 100 for eights: 40 x 12, 55 x 10, 70 x 6, 85 x 4; a heavy five adds 92.5 x 3', () => {
  const eights = warmUpRamp({ load: 10000, reps: 8, general: true }, barbell, conventions);
  expect(eights.map(({ load, reps }) => `${load / 100}x${reps}`)).toEqual(['40x12', '55x10', '70x6', '85x4']);
  const five = warmUpRamp({ load: 10000, reps: 5, general: false }, barbell, conventions);
  expect(five.map(({ load, reps }) => `${load / 100}x${reps}`)).toEqual(['70x6', '85x4', '92.5x3']);
});

test('the empty bar needs no ramp, and bodyweight has none', () => {
  expect(warmUpRamp({ load: 2000, reps: 8, general: true }, barbell, conventions)).toEqual([]);
  expect(
    warmUpRamp({ load: 500, reps: 8, general: true }, loadGrid('bodyweight', HALL), conventions),
  ).toEqual([]);
});

test('strictly rising, makeable, below 95 % of the work load', () => {
  fc.assert(
    fc.property(fc.integer({ min: 500, max: 30000 }), fc.integer({ min: 1, max: 20 }), (load, reps) => {
      const sets = warmUpRamp({ load, reps, general: true }, barbell, conventions);
      sets.forEach((set, at) => {
        expect(isMakeable(barbell, set.load)).toBe(true);
        expect(set.load).toBeLessThan(load * 0.95);
        expect(set.load).toBeGreaterThan(sets[at - 1]?.load ?? 0);
      });
    }),
  );
});
